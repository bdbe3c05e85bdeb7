using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Data;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Site;

/// <summary>Frost at the site, by the record or by hand.</summary>
internal static class SiteFrost
{
    /// <summary>Null where frost is not reckoned from a record.</summary>
    public static FrostOutlook? Outlook(SiteClock clock, WeatherBook weather) =>
        clock is { Site: { WeatherRecordId: { } record } site, Settings: { FrostBasis: FrostBasis.Record } settings }
            ? weather.Outlook(record, site.Latitude, settings.FrostOffsetK)
            : null;

    /// <summary>The usual last frost first; empty without a site.</summary>
    public static IReadOnlyList<FrostDay> Days(SiteClock clock, WeatherBook weather)
    {
        if (clock.Site is not { } site)
            return [];
        var days = new List<FrostDay>();
        var outlook = Outlook(clock, weather);
        if (outlook is { Frost.LastSpring: { } last } && outlook.Frost.SpringYearsUsed >= FrostDates.YearsForARisk)
        {
            days.Add(new(FrostDayKind.LastFrostUsual, last.P50, $"half of {outlook.Frost.SpringYearsUsed} springs still had frost later"));
            days.Add(
                new(FrostDayKind.LastFrostSafe, last.P90, $"one spring in ten of {outlook.Frost.SpringYearsUsed} still had frost later")
            );
        }
        else
        {
            days.Add(new(FrostDayKind.LastFrostUsual, site.LastFrost, "entered by hand, risk not known"));
        }
        if (clock.Settings.GroundFreeze is { } byHand)
            days.Add(new(FrostDayKind.GroundFreeze, byHand, "entered by hand"));
        else if (outlook?.GroundFreeze is { Usual: { } usual, YearsUsed: >= FrostDates.YearsForARisk } freeze)
        {
            days.Add(
                new(
                    FrostDayKind.GroundFreeze,
                    usual,
                    $"half of {freeze.YearsUsed} winters froze earlier, by the air alone (our assumption)"
                )
            );
        }
        if (clock.Settings.FirstFrost is { } first)
            days.Add(new(FrostDayKind.FirstFrostUsual, first, "entered by hand"));
        else if (outlook is { Frost.FirstAutumn: { } autumn } && outlook.Frost.AutumnYearsUsed >= FrostDates.YearsForARisk)
        {
            days.Add(new(FrostDayKind.FirstFrostUsual, autumn.P50, $"half of {outlook.Frost.AutumnYearsUsed} autumns had frost earlier"));
        }
        return days;
    }

    public static Refusal? CheckMonthDay(string field, string monthDay) =>
        // any leap year will do: 29 February is a possible last frost
        DateOnly.TryParseExact("2028-" + monthDay, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out _)
            ? null
            : new(field, $"{field} was '{monthDay}'; valid is a month and day that exist, MM-dd, such as 05-08.");
}
