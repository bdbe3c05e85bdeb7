using System.Globalization;

namespace Gassel.Core.Climate;

/// <summary>Days of a season counted from its first day: 1 January in the north, 1 July in the south.</summary>
internal static class SeasonDays
{
    /// <summary>R's type 7.</summary>
    public static double Quantile(List<int> sorted, double share)
    {
        var at = share * (sorted.Count - 1);
        var below = (int)Math.Floor(at);
        return below + 1 < sorted.Count ? sorted[below] + (at - below) * (sorted[below + 1] - sorted[below]) : sorted[^1];
    }

    /// <summary>A day of a 365-day calendar that begins with the season, as <c>MM-dd</c>; halves round up.</summary>
    public static string Calendar(double offset, bool south) =>
        // any season without a leap day will do
        First(2025, south).AddDays((int)Math.Floor(offset + 0.5)).ToString("MM-dd", CultureInfo.InvariantCulture);

    /// <summary>The first day of the season named after the year.</summary>
    public static DateOnly First(int year, bool south) => new(year, south ? 7 : 1, 1);

    /// <summary>Place of a day in the season's calendar, comparable between years; 29 February stands just after the 28th.</summary>
    public static int Order(DateOnly day, bool south) => ((day.Month + (south ? 5 : 11)) % 12) * 31 + day.Day;
}
