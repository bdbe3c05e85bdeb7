namespace Gassel.Web.Features.Forecasts;

/// <summary>A header sent with the question, for a key for instance.</summary>
/// <param name="Value">Null keeps the value that is kept; it is never sent to a screen.</param>
public sealed record ForecastHeader(string Name, string? Value = null);
