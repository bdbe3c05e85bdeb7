namespace Gassel.Core.Climate;

/// <summary>Where days begin in a time zone, as instants. A day is 23 or 25 hours long where clocks change.</summary>
public sealed class DayBounds(TimeZoneInfo zone)
{
    /// <summary>Days of an unchanging offset.</summary>
    public static DayBounds Of(TimeSpan offset) => new(TimeZoneInfo.CreateCustomTimeZone("fixed", offset, null, null));

    /// <summary>The day that an instant falls on.</summary>
    public DateOnly DayOf(long unixMs) =>
        DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(DateTimeOffset.FromUnixTimeMilliseconds(unixMs), zone).DateTime);

    /// <summary>Its first instant, Unix milliseconds. Where clocks skip midnight it is the moment they skip to.</summary>
    public long StartOf(DateOnly day)
    {
        var midnight = day.ToDateTime(TimeOnly.MinValue);
        while (zone.IsInvalidTime(midnight))
            midnight = midnight.AddMinutes(15);
        // where midnight comes twice the day begins with the first
        var offset = zone.IsAmbiguousTime(midnight) ? zone.GetAmbiguousTimeOffsets(midnight).Max() : zone.GetUtcOffset(midnight);
        return new DateTimeOffset(midnight, offset).ToUnixTimeMilliseconds();
    }
}
