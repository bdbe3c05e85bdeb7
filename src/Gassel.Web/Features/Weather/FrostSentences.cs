using System.Globalization;
using Gassel.Core;
using Gassel.Core.Climate;

namespace Gassel.Web.Features.Weather;

/// <summary>Frost days as sentences.</summary>
internal static class FrostSentences
{
    public static string Spring(FrostResult frost)
    {
        if (frost.LastSpring is not { } last)
            return frost.SpringYearsUsed == 0 ? "No spring with enough days." : $"No such frost in {frost.SpringYearsUsed} springs.";
        return frost.SpringYearsUsed < FrostDates.YearsForARisk
            ? Range("Last", frost.Years.Select(y => y.LastSpring), frost.SpringYearsUsed, "springs")
            : $"Half of the springs had frost after {Day(last.P50)}, one in ten after "
                + $"{Day(last.P90)}.{Free(frost.FrostFreeSprings, "springs")}";
    }

    public static string Autumn(FrostResult frost)
    {
        if (frost.FirstAutumn is not { } first)
            return frost.AutumnYearsUsed == 0 ? "No autumn with enough days." : $"No such frost in {frost.AutumnYearsUsed} autumns.";
        return frost.AutumnYearsUsed < FrostDates.YearsForARisk
            ? Range("First", frost.Years.Select(y => y.FirstAutumn), frost.AutumnYearsUsed, "autumns")
            : $"Half of the autumns had frost before {Day(first.P50)}, one in ten before "
                + $"{Day(first.P10)}.{Free(frost.FrostFreeAutumns, "autumns")}";
    }

    public static string Ground(GroundFreezeResult freeze) =>
        freeze switch
        {
            { YearsUsed: 0 } => "No winter with enough days.",
            { Usual: null } => $"The ground froze in none of {freeze.YearsUsed} winters, by the air alone.",
            { YearsUsed: < FrostDates.YearsForARisk } => Range("Froze", freeze.Years.Select(y => y.On), freeze.YearsUsed, "winters"),
            _ => $"Half of {freeze.YearsUsed} winters froze the ground before {Day(freeze.Usual)}, one in ten before "
                + $"{Day(freeze.Early!)}, by the air alone (our assumption).",
        };

    /// <summary><c>8 May</c> of <c>05-08</c>.</summary>
    public static string Day(string monthDay) =>
        Quantity.DayOfYear(DateOnly.ParseExact("2028-" + monthDay, "yyyy-MM-dd", CultureInfo.InvariantCulture));

    private static string Range(string what, IEnumerable<DateOnly?> days, int years, string seasons)
    {
        var ordered = days.OfType<DateOnly>().OrderBy(d => d.DayOfYear).ToList();
        return Text.Of(
            $"{what} between {Quantity.DayOfYear(ordered[0])} and {Quantity.DayOfYear(ordered[^1])} in {years} {seasons}: too "
                + $"few for a risk."
        );
    }

    private static string Free(int without, string seasons) => without == 0 ? "" : $" {without} {seasons} had none.";
}
