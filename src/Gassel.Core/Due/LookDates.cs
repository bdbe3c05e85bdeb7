using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Due;

/// <summary>
/// How often moist seed is looked at, and on which days: one rule for what is due, the plan, the batch's page and the calendar.
/// </summary>
public static class LookDates
{
    /// <summary>A longer list tells nobody anything.</summary>
    private const int Most = 60;

    /// <param name="start">First day of the step.</param>
    /// <param name="last">Day of the last look, or of the start.</param>
    /// <param name="small">In a container below two litres.</param>
    public static (int Days, string Why) Interval(
        RouteStep step,
        DateOnly start,
        DateOnly last,
        Species species,
        bool outdoors,
        CheckSchool school,
        bool small = false
    )
    {
        var halfway = start.AddDays(step.Days.Shortest / 2);
        var sprouter = !outdoors && step.Kind == StepKind.ColdMoist && species.Has(SpeciesFlag.GerminatesInCold) && last >= halfway;
        var fortnightly = school == CheckSchool.Fortnightly && !sprouter && !small && last < halfway;
        return sprouter
                ? (
                    DueWork.SprouterCheckEveryDays,
                    $"Sprouts in the cold and past half of its shortest time since {Quantity.Day(halfway)}: twice a "
                        + $"week (common practice, no source)."
                )
            : fortnightly
                ? (
                    DueWork.FortnightDays,
                    $"Every second week, as you chose, until half of its shortest time, {Quantity.Day(halfway)} "
                        + $"(common practice, no source)."
                )
            : outdoors && small ? (DueWork.CheckEveryDays, "A small container dries faster: every week (common practice, no source).")
            : outdoors ? (DueWork.FortnightDays, "Outdoors every second week (our assumption).")
            : (DueWork.CheckEveryDays, "Weekly (common practice, no source).");
    }

    /// <summary>
    /// Looks still to come in the moist step that a part is in, or in those of a batch that has not begun; in order, none after the step.
    /// </summary>
    public static IReadOnlyList<DateOnly> Ahead(BatchPlan plan, PartState part, Species species, CheckSchool school, DateOnly today)
    {
        if (part.SownOn is not null && !plan.Route.IsOutdoors)
            return [];
        if (part.Open is { } open)
        {
            var step = plan.Steps[open.Step].Step;
            if (!step.Kind.IsMoistHold())
                return [];
            var last = part.Checks.Where(c => c.On >= open.Start).Select(c => c.On).DefaultIfEmpty(open.Start).Max();
            return Of(
                step,
                open.Start,
                last,
                plan.EndOfOpen(part, today)!.Value,
                species,
                plan.Route.IsOutdoors,
                school,
                today,
                part.Setup?.IsSmall == true
            );
        }
        return part.Spans.Count > 0
            ? []
            :
            [
                .. plan
                    .Steps.Where(s => !s.Skipped && s.Step.Kind.IsMoistHold())
                    .SelectMany(s => Of(s.Step, s.Start, s.Start, s.End, species, plan.Route.IsOutdoors, school, today))
                    .Order()
                    .Distinct()
                    .Take(Most),
            ];
    }

    private static List<DateOnly> Of(
        RouteStep step,
        DateOnly start,
        DateOnly last,
        DateOnly end,
        Species species,
        bool outdoors,
        CheckSchool school,
        DateOnly today,
        bool small = false
    )
    {
        var looks = new List<DateOnly>();
        for (var day = last; looks.Count < Most; )
        {
            day = day.AddDays(Interval(step, start, day, species, outdoors, school, small).Days);
            if (day >= end)
                break;
            // one that is overdue is done today, and the next count from there
            if (day < today)
                day = today;
            looks.Add(day);
        }
        return looks;
    }
}
