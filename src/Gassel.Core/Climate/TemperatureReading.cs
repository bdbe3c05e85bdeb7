namespace Gassel.Core.Climate;

/// <summary>One reading of a thermometer.</summary>
/// <param name="UnixMs">Instant, Unix milliseconds.</param>
public readonly record struct TemperatureReading(long UnixMs, double TempC)
{
    public DateTimeOffset At => DateTimeOffset.FromUnixTimeMilliseconds(UnixMs);
}
