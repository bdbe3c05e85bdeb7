namespace Gassel.Web.Features.Temperature;

/// <summary>One hour of relative humidity, percent.</summary>
public sealed record HourOfHumidity(DateTimeOffset At, double MeanPercent);
