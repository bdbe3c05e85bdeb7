using Gassel.Core;
using Gassel.Core.Climate;
using Gassel.Core.Planning;
using Gassel.Core.Treatments;
using Gassel.Web.Features.Site;

namespace Gassel.Web.Features.Plan;

/// <summary>What the days of a plan mean beside the frosts on record.</summary>
internal static class PlanFrost
{
    /// <summary>Empty where no record is chosen.</summary>
    public static IReadOnlyList<string> Of(
        FrostOutlook? outlook,
        double latitude,
        Core.Treatments.Species species,
        Core.Treatments.Route route,
        Schedule schedule
    )
    {
        if (outlook is null)
            return [];
        var lines = new List<string>();
        if (route.IsOutdoors)
        {
            var up = schedule.Steps[route.Treatment.Count()].Start.Usual;
            var threshold = Kills(outlook, species.Hardiness);
            lines.Add(
                Text.Of(
                    $"Up outdoors from {Quantity.DayOfYear(up)}: for {Quantity.Temperature(threshold.ThresholdC)}, which "
                        + $"kills {threshold.Hurts}, "
                        + $"{FrostWords.Later(threshold.Frost, up, latitude)}."
                )
            );
        }
        lines.Add(OnTheDay("Plants set out", schedule.Finish.Usual, outlook, latitude));
        return lines;
    }

    /// <summary>Null where seedlings root before the frost, and where nobody said when its first comes.</summary>
    public static LateSowing? Late(IReadOnlyList<FrostDay> days, Core.Treatments.Route route, Schedule schedule) =>
        UpIndoors(route, schedule) is { } up && FirstFrost(days) is { } first
            ? LateSowing.Of(up, schedule.Finish.Usual, first.MonthDay, days[0].MonthDay, first.Words)
            : null;

    /// <summary>When a bed is sown; empty for other routes, and where the days were told by hand.</summary>
    public static IEnumerable<string> AutumnBed(IReadOnlyList<FrostDay> days, PlanGround ground)
    {
        if (!ground.GoesByFrost(ground.Route))
            yield break;
        if (FirstFrost(days) is not { } first)
            yield return "A bed is sown after the first killing frost of autumn: enter that frost on Site, and the plan goes by it.";
        else
        {
            var frost = Quantity.DayOfYear(YearDay.Next(first.MonthDay, ground.Today));
            yield return $"The bed is sown after the first killing frost, usually {frost} ({first.Words}), not by days counted back; the "
                + $"plants follow from it.";
        }
    }

    /// <summary>What is not known of an autumn that the plan's seedlings may meet; empty where it is, or they meet none.</summary>
    public static IEnumerable<string> Unknown(IReadOnlyList<FrostDay> days, double latitude, Core.Treatments.Route route, Schedule schedule)
    {
        if (days.Count == 0 || FirstFrost(days) is not null || UpIndoors(route, schedule) is not { } up)
            yield break;
        var month = latitude >= 0 ? up.Month : (up.Month + 5) % 12 + 1;
        if (month is >= 7 and <= 11 && schedule.Finish.Usual < YearDay.Next(days[0].MonthDay, up))
        {
            yield return $"Up about {Quantity.Day(up)}: whether they root before the first frost of autumn cannot be told until you "
                + $"enter that frost on Site.";
        }
    }

    /// <summary>Usual day on which seedlings come up indoors; null for a route outdoors or one without sowing.</summary>
    private static DateOnly? UpIndoors(Core.Treatments.Route route, Schedule schedule) =>
        !route.IsOutdoors
        && route.Steps.Zip(schedule.Steps).FirstOrDefault(s => s.First.Kind == StepKind.Germinate) is ({ } step, { } dates)
            ? dates.Start.Usual.AddDays(step.Days.Usual)
            : null;

    private static FrostDay? FirstFrost(IReadOnlyList<FrostDay> days) => days.FirstOrDefault(d => d.Kind == FrostDayKind.FirstFrostUsual);

    private static string OnTheDay(string what, DateOnly day, FrostOutlook outlook, double latitude)
    {
        var firstHalf = (day.Month < 8) == (latitude >= 0);
        return Text.Of(
            $"{what} {Quantity.DayOfYear(day)}: "
                + $"{(firstHalf ? FrostWords.Later(outlook.Frost, day, latitude) : FrostWords.Earlier(outlook.Frost, day, latitude))}."
        );
    }

    private static ThresholdOutlook Kills(FrostOutlook outlook, SeedlingHardiness hardiness) =>
        outlook.Thresholds[
            hardiness switch
            {
                SeedlingHardiness.Tender => 0,
                SeedlingHardiness.HalfHardy => 1,
                SeedlingHardiness.Hardy => 2,
                _ => 3,
            }
        ];
}
