using System.Globalization;

namespace Gassel.Core.Climate;

/// <summary>A day of any year, kept as <c>MM-dd</c>. 29 February falls on the 28th in a year without one.</summary>
public static class YearDay
{
    /// <summary>Any leap year, so that 29 February can be read.</summary>
    private const int Leap = 2028;

    public static DateOnly In(string monthDay, int year) =>
        DateOnly.ParseExact($"{Leap}-{monthDay}", "yyyy-MM-dd", CultureInfo.InvariantCulture).AddYears(year - Leap);

    /// <summary>The coming one, today included.</summary>
    public static DateOnly Next(string monthDay, DateOnly today)
    {
        var there = In(monthDay, today.Year);
        return there >= today ? there : In(monthDay, today.Year + 1);
    }
}
