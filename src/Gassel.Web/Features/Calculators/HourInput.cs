namespace Gassel.Web.Features.Calculators;

public readonly record struct HourInput
{
    /// <summary>Beginning of the hour.</summary>
    public required DateTimeOffset At { get; init; }
    public required double TempC { get; init; }

    /// <summary>On level ground; from the day's range if left out.</summary>
    public double? SolarWm2 { get; init; }
    public double? SnowCm { get; init; }
}
