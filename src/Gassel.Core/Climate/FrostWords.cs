using System.Globalization;

namespace Gassel.Core.Climate;

/// <summary>A frost risk in a grower's words, never as a quantile.</summary>
public static class FrostWords
{
    private static readonly string[] Numbers = ["", "", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten"];

    /// <summary>Springs that still had a frost after the day, of those that count.</summary>
    public static (int Later, int Springs) LaterSprings(FrostResult frost, DateOnly day, double latitude)
    {
        var south = latitude < 0;
        var at = SeasonDays.Order(day, south);
        return (frost.Years.Count(y => y.LastSpring is { } last && SeasonDays.Order(last, south) > at), frost.SpringYearsUsed);
    }

    /// <summary>
    /// Share of years in which frost was still to come on the day (spring half), or had come by it (autumn half); null without years.
    /// </summary>
    public static double? Share(FrostResult frost, DateOnly day, double latitude)
    {
        var south = latitude < 0;
        var at = SeasonDays.Order(day, south);
        if (at < SeasonDays.Order(new(2025, south ? 2 : 8, 1), south))
        {
            var (later, springs) = LaterSprings(frost, day, latitude);
            return springs == 0 ? null : (double)later / springs;
        }
        return frost.AutumnYearsUsed == 0
            ? null
            : (double)frost.Years.Count(y => y.FirstAutumn is { } first && SeasonDays.Order(first, south) <= at) / frost.AutumnYearsUsed;
    }

    /// <summary>As in "one spring in ten still had frost later (3 of 30)".</summary>
    public static string Later(FrostResult frost, DateOnly day, double latitude)
    {
        var (later, springs) = LaterSprings(frost, day, latitude);
        return Of(later, springs, "spring", "still had frost later");
    }

    /// <summary>Autumns that had a frost before the day.</summary>
    public static string Earlier(FrostResult frost, DateOnly day, double latitude)
    {
        var south = latitude < 0;
        var at = SeasonDays.Order(day, south);
        return Of(
            frost.Years.Count(y => y.FirstAutumn is { } first && SeasonDays.Order(first, south) < at),
            frost.AutumnYearsUsed,
            "autumn",
            "had frost before it"
        );
    }

    private static string Of(int times, int years, string season, string what)
    {
        var culture = CultureInfo.InvariantCulture;
        if (years == 0)
            return $"no {season} on record";
        if (years < FrostDates.YearsForARisk)
            return Text.Of($"{times} of {years} {season}s {what}; too few years for a risk");
        if (times == 0)
            return Text.Of($"none of {years} {season}s {what}");
        if (times == years)
            return Text.Of($"all of {years} {season}s {what}");
        var oneIn = (int)Math.Round((double)years / times, MidpointRounding.AwayFromZero);
        if (2 * times > years)
            return Text.Of($"{times} of {years} {season}s {what}");
        var count = oneIn < Numbers.Length ? Numbers[oneIn] : oneIn.ToString(culture);
        return Text.Of($"one {season} in {count} {what} ({times} of {years})");
    }
}
