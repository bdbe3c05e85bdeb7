namespace Gassel.Web.Features.Temperature;

/// <summary>One hour of readings.</summary>
public sealed record HourOfReadings(DateTimeOffset At, double MinC, double MeanC, double MaxC);
