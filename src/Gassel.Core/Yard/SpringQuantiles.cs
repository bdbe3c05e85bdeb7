using System.Globalization;

namespace Gassel.Core.Yard;

/// <summary>Days between winters, as <c>MM-dd</c> of a 365-day calendar, with the unrounded days since the season's first day.</summary>
public sealed record SpringQuantiles(string P10, string P50, string P90, double P10Offset, double P50Offset, double P90Offset)
{
    /// <summary>The middle one in words.</summary>
    public string Middle() => Quantity.DayOfYear(Day(2025));

    /// <summary>The middle one in the spring after a day.</summary>
    public DateOnly MiddleAfter(DateOnly day) => Day(day.Year) is var same && same > day ? same : Day(day.Year + 1);

    private DateOnly Day(int year) => DateOnly.ParseExact($"{year:0000}-{P50}", "yyyy-MM-dd", CultureInfo.InvariantCulture);
}
