namespace Gassel.Core.Climate;

/// <summary>Tells a probe's jumps from a shelf's warmth.</summary>
public static class ReadingJumps
{
    /// <summary>Less of a step is no jump, K (our assumption).</summary>
    public const double SmallestK = 10;

    /// <summary>
    /// Air in a fridge or a room changes more slowly than this, K per minute (our assumption; a door left open gives about 1).
    /// </summary>
    public const double FastestKPerMinute = 2;

    /// <summary>A new level that lasts longer is believed: the probe was carried elsewhere (our assumption).</summary>
    public const double BelievedAfterMinutes = 30;

    /// <param name="readings">In order of time; the first is believed.</param>
    public static IEnumerable<JudgedReading> Judge(IEnumerable<TemperatureReading> readings)
    {
        TemperatureReading? good = null;
        foreach (var reading in readings)
        {
            var isJump = good is { } last && IsJump(last, reading);
            if (!isJump)
                good = reading;
            yield return new(reading, isJump);
        }
    }

    public static IEnumerable<TemperatureReading> LeaveOut(IEnumerable<TemperatureReading> readings) =>
        Judge(readings).Where(r => !r.IsJump).Select(r => r.Reading);

    /// <param name="good">The last reading that was believed.</param>
    public static bool IsJump(TemperatureReading good, TemperatureReading next)
    {
        var step = Math.Abs(next.TempC - good.TempC);
        var minutes = (next.UnixMs - good.UnixMs) / 60_000.0;
        return step >= SmallestK && minutes <= BelievedAfterMinutes && step > minutes * FastestKPerMinute;
    }
}
