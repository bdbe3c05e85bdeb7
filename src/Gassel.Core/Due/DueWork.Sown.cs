using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Core.Due;

/// <summary>What sown seed asks for until its seedlings move on.</summary>
public static partial class DueWork
{
    /// <summary>The dome comes off so many days after the first seedling, 3 to 5 (common practice, no source).</summary>
    public const int DomeDaysAfterFirst = 4;
    private const int DomeDaysAtMost = 5;

    /// <summary>
    /// Kept over, it is looked at as early in the next spring as it was sown in this one, but not before so many days (our assumption).
    /// </summary>
    private const int LeastDaysKept = 90;

    /// <param name="potOn">Potting on is asked for by the route's days, because no true leaves ask for it.</param>
    private static IEnumerable<DueItem> Germinating(BatchPlan plan, PartState part, StepSpan open, DateOnly today, bool potOn)
    {
        if (part.SecondCold is not null)
            yield break;
        if (part.ClosedOn is null && part.Emerged < part.Seeds)
            yield return Tally(plan, part, open, today);
        if (potOn && part.Standing > 0 && PotOn(plan, part, open, today) is { } onward)
            yield return onward;
    }

    /// <summary>Null before the first seedling, and before half of them where the school waits for those.</summary>
    private static DueItem? DomeUp(BatchPlan plan, PartState part, StepSpan open, DomeSchool school, DateOnly today)
    {
        if (part.FirstUpOn is not { } first)
            return null;
        var half = plan.Forecast is { } forecast && school != DomeSchool.FewDaysAfterFirst ? HalfUp(part, forecast.Mean) : null;
        if (school == DomeSchool.HalfOfExpected && half is null && plan.Forecast is not null)
            return null;
        var few = first.AddDays(DomeDaysAfterFirst);
        var byHalf = half is { } h && (school == DomeSchool.HalfOfExpected || h < few);
        var due = byHalf ? half!.Value : few;
        return new(
            DueKind.TakeDomeOff,
            part.Id,
            open.Step,
            due,
            byHalf ? due.AddDays(1) : first.AddDays(DomeDaysAtMost),
            Late(due, today),
            Late(due, today) == 0 ? "Air it a couple of hours a day until then." : "Under a dome too long seedlings damp off.",
            [
                byHalf
                    ? Text.Of(
                        $"Half of the {part.Seeds * plan.Forecast!.Mean:0} expected were up {Quantity.Day(due)} "
                            + $"(common practice, no source)."
                    )
                    : Text.Of($"First seedling {Quantity.Day(first)} + {DomeDaysAfterFirst} days (3 to 5 is common practice, no source)."),
                $"As set on Site: dome off {school.Words()}.",
            ]
        );
    }

    /// <summary>Day of the count by which half of what is expected was up; null where it was not.</summary>
    private static DateOnly? HalfUp(PartState part, double expected)
    {
        var up = 0;
        foreach (var count in part.Counts.OrderBy(c => c.On))
        {
            up += count.Emerged;
            if (up >= part.Seeds * expected / 2)
                return count.On;
        }
        return null;
    }

    /// <summary>Seedlings move on when the expected emergence is over; late seed may go on coming up.</summary>
    private static DueItem? PotOn(BatchPlan plan, PartState part, StepSpan open, DateOnly today)
    {
        // what is kept to another spring stays where it is
        if (part.KeptOn is not null || plan.NextStep(open.Step) is not { } next)
            return null;
        var days = plan.Steps[open.Step].Step.Days;
        var due = open.Start.AddDays(days.Longest);
        var late = Late(due, today);
        return new(
            DueKind.StartStep,
            part.Id,
            next,
            due,
            null,
            late,
            late == 0
                ? Text.Of($"{part.Standing} up; more expected until {Quantity.Day(due)}.")
                : Text.Of($"{part.Standing} up and crowded: left too long they stay stunted. Late seed may still come up."),
            [
                Text.Of(
                    $"Sown {Quantity.Day(open.Start)} + {days.Longest} days, the longest to emergence of the route = {Quantity.Day(due)}."
                ),
                "Growing on follows the emergence (common practice, no source).",
            ]
        );
    }

    private static DueItem OutOfTheCold(BatchPlan plan, PartState part, StepSpan open, ColdSpell cold, DateOnly today)
    {
        var due = cold.From.AddDays(cold.Days);
        return new(
            DueKind.EndSecondCold,
            part.Id,
            plan.GerminateStep ?? open.Step,
            due,
            null,
            Late(due, today),
            Text.Of($"{part.Waiting} seeds in their second cold since {Quantity.Day(cold.From)}; then back to where it comes up."),
            [Text.Of($"In the cold again {Quantity.Day(cold.From)} + {cold.Days} days as you set them = {Quantity.Day(due)}.")]
        );
    }

    private static DueItem Tally(BatchPlan plan, PartState part, StepSpan open, DateOnly today)
    {
        var from = part.ColdsAgain.Count > 0 ? part.WaitsFrom!.Value : open.Start;
        var last = part.Counts.Where(c => c.On >= from).Select(c => (DateOnly?)c.On).Max();
        var days = plan.ComesUpIn();
        var own = plan.OwnDays is null ? "" : ", by your own sowings";
        var firstLook = from.AddDays(Math.Max(1, days.Shortest));
        if (part.KeptOn is { } kept && (last is null || last <= kept))
            return NextSpring(part, open, kept, firstLook, today);
        var due = last?.AddDays(CountEveryDays) ?? firstLook;
        var windowEnd = from.AddDays(days.Longest);
        return new(
            DueKind.CountSeedlings,
            part.Id,
            open.Step,
            due,
            null,
            Late(due, today),
            today <= windowEnd
                ? $"Expected between {Quantity.Day(firstLook)} and {Quantity.Day(windowEnd)}{own}."
                : $"Past the expected window, which ended {Quantity.Day(windowEnd)}.",
            [
                last is { } l
                    ? Text.Of($"Last count {Quantity.Day(l)} + {CountEveryDays} days (our assumption).")
                    : Text.Of(
                        $"{(part.ColdsAgain.Count > 0 ? "Out of its second cold" : "Sown")} {Quantity.Day(from)} "
                            + $"+ {days.Shortest} days, the shortest to emergence{(own.Length > 0 ? "" : " of the route")}{own}."
                    ),
            ]
        );
    }

    private static DueItem NextSpring(PartState part, StepSpan open, DateOnly kept, DateOnly firstLook, DateOnly today)
    {
        var due = firstLook;
        while (due < kept.AddDays(LeastDaysKept))
            due = due.AddYears(1);
        return new(
            DueKind.CountSeedlings,
            part.Id,
            open.Step,
            due,
            null,
            Late(due, today),
            "Finished for this spring and kept for another winter: barely moist.",
            [
                Text.Of(
                    $"Put aside {Quantity.Day(kept)}; looked at again as early next spring as in the first, "
                        + $"{Quantity.Day(due)} (our assumption)."
                ),
            ]
        );
    }
}
