using Gassel.Core.Fold;
using Gassel.Core.Growing;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Due;

/// <summary>What seedlings and plants ask for.</summary>
public static partial class DueWork
{
    /// <summary>Late sleepers are looked for so often, days (our assumption).</summary>
    private const int ReturnEvery = 14;

    /// <summary>By mix. Containers in the yard are fed by the yard's own watch.</summary>
    private static DueItem? Feed(PartState part, StepSpan open, StepKind kind, Species species, ContainerMix mix, DateOnly today)
    {
        if (
            part.IsContainer
            || part.Winter is { Way: not WinterWay.UnderLamps }
            || kind is not (StepKind.Germinate or StepKind.GrowOn)
            || part.Plants.Growing == 0
            || Feeding.Next(part, species, mix) is not { } feeding
        )
            return null;
        return new(
            DueKind.Feed,
            part.Id,
            open.Step,
            feeding.On,
            null,
            Late(feeding.On, today),
            "Weakly, by its label, on moist mix.",
            [feeding.Why]
        );
    }

    /// <summary>What died back is looked for as early in the next spring as it came up in its first; nothing is late about it.</summary>
    private static DueItem? Return(PartState part, StepSpan open, DateOnly today)
    {
        var asleep = part.Plants.Dormant;
        if (asleep == 0 || part.DiedBackOn is not { } slept || part.FirstUpOn is not { } firstUp)
            return null;
        if (part.CameAgainOn is { } again && again >= slept)
        {
            var next = again.AddDays(ReturnEvery);
            return new(
                DueKind.LookForReturn,
                part.Id,
                open.Step,
                next,
                null,
                0,
                Text.Of($"{asleep} still dormant but alive: keep barely moist, do not tip out."),
                [Text.Of($"The last came up again {Quantity.Day(again)} + {ReturnEvery} days (our assumption).")]
            );
        }
        var due = firstUp;
        while (due < slept.AddDays(LeastDaysKept))
            due = due.AddYears(1);
        return new(
            DueKind.LookForReturn,
            part.Id,
            open.Step,
            due,
            null,
            0,
            Text.Of($"{asleep} dormant but alive: keep barely moist and cool, do not tip out."),
            [
                Text.Of(
                    $"Died back {Quantity.Day(slept)}; looked for as early in spring as they first came up, "
                        + $"{Quantity.Day(due)} (our assumption)."
                ),
            ]
        );
    }

    /// <summary>Out once a day until the days are full; what a day is like, the outlook decides.</summary>
    private static DueItem? CarryOut(BatchPlan plan, PartState part, StepSpan open, DateOnly today)
    {
        var days = HardeningPlan.Length(plan.Steps[open.Step].PlannedDays);
        var been = part.DaysOutOf(open);
        if (been.Count >= days)
            return null;
        // what was skipped cannot be made up for: it is asked for today, or tomorrow once they were out
        var wasOut = been.Any(d => d.On == today);
        var skipped = today.DayNumber - open.Start.DayNumber - been.Count(d => d.On < today);
        return new(
            DueKind.CarryOut,
            part.Id,
            open.Step,
            wasOut ? today.AddDays(1) : today,
            null,
            0,
            Text.Of(
                $"Day {been.Count + 1} of {days}; "
                    + $"{(skipped <= 0 ? "a skipped day moves the end"
                        : Text.Of($"{skipped} skipped so far, each moved the end by a day"))}."
            ),
            [Text.Of($"Hardening off since {Quantity.Day(open.Start)}; {been.Count} days out are recorded.")]
        );
    }

    /// <summary>Plants that came through the route and wait in their pots, until the ground is open to them.</summary>
    private static DueItem? PlantOut(PartState part, DateOnly? opens, DateOnly today)
    {
        var wait = part.Plants.At(PlantStage.Hardened).Alive;
        if (wait == 0 || part.BooksClosed || part.Spans[^1].End is not { } ready)
            return null;
        var due = opens > ready ? opens.Value : ready;
        return new(
            DueKind.PlantOut,
            part.Id,
            part.Spans[^1].Step,
            due,
            null,
            Late(due, today),
            Text.Of($"{wait} hardened, waiting in their pots."),
            [
                Text.Of(
                    $"The route ended {Quantity.Day(ready)}; only planting is left"
                        + $"{(due == ready ? "" : Text.Of($", possible from {Quantity.Day(due)}"))}."
                ),
            ]
        );
    }
}
