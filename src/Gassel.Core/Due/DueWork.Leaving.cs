using Gassel.Core.Fold;
using Gassel.Core.Growing;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Due;

/// <summary>Seedlings that leave the tray they came up in, each kind by its own clock; and plants that outgrow their pot.</summary>
public static partial class DueWork
{
    private static DueItem? Leaving(PartState part, StepSpan open, Species species, DateOnly today)
    {
        if (SeedlingClock.Of(part, species) is not { } clock)
            return null;
        if (clock.ReadyOn is not { } ready)
            return clock.By == LeaveClock.Height ? TakeHeight(clock, part, open, species, today) : SeeLeaves(clock, part, open, today);
        if (clock.InPlace && clock.Crowding.Surplus is null or 0)
            return null;
        var by = clock.MoveBy!.Value;
        return new(
            clock.InPlace ? DueKind.Thin : DueKind.PrickOut,
            part.Id,
            open.Step,
            ready,
            by,
            Late(by, today),
            Text.Of($"{clock.Crowding.Words} {(today <= by ? Text.Of($"Best moved by {Quantity.Day(by)}.") : TooLong(clock, by))}"),
            [Since(clock, part, species, ready, by), HowToLeave(clock)]
        );
    }

    private static DueItem SeeLeaves(SeedlingClock clock, PartState part, StepSpan open, DateOnly today) =>
        new(
            DueKind.LookForTrueLeaves,
            part.Id,
            open.Step,
            clock.LookFrom!.Value,
            null,
            Late(clock.LookFrom.Value, today),
            clock.InPlace
                ? "With the first true leaves they are thinned to one; this kind is not pricked out."
                : "With the first true leaves they are thinned, divided or pricked out; later they stay stunted.",
            [
                Text.Of(
                    $"First seedling {Quantity.Day(clock.FirstUp)} + {SeedlingClock.LookAfterDays} days (our "
                        + $"assumption); seed leaves come first, true leaves after them."
                ),
            ]
        );

    private static DueItem TakeHeight(SeedlingClock clock, PartState part, StepSpan open, Species species, DateOnly today)
    {
        var (goal, look) = (Quantity.Length(species.GrowsOn.LeavesAtMm), clock.LookFrom!.Value);
        return new(
            DueKind.TakeHeight,
            part.Id,
            open.Step,
            look,
            null,
            Late(look, today),
            clock.HeightMm is { } mm
                ? Text.Of($"{Quantity.Length(mm)} at the last look; this kind leaves the tray at {goal}.")
                : Text.Of($"This kind leaves the tray at {goal}; left longer, its roots tangle."),
            [
                part.Heights.Count == 0
                    ? Text.Of($"First seedling {Quantity.Day(clock.FirstUp)} + {SeedlingClock.LookAfterDays} days (our assumption).")
                    : Text.Of(
                        $"Last measured {Quantity.Day(part.Heights[^1].On)}; measured again when it should have reached "
                            + $"{goal} at the pace so far, after {SeedlingClock.MeasureSoonest} days at the soonest and "
                            + $"{SeedlingClock.MeasureLatest} at the latest (our assumption)."
                    ),
            ]
        );
    }

    private static string TooLong(SeedlingClock clock, DateOnly by) =>
        clock.By switch
        {
            LeaveClock.Height => Text.Of($"Too tall for the tray since {Quantity.Day(by)}: their roots tangle."),
            LeaveClock.Weeks => Text.Of($"Too long in the tray since {Quantity.Day(by)}: they stay stunted."),
            _ => Text.Of($"Overgrown since {Quantity.Day(by)}: they stay stunted."),
        };

    private static string Since(SeedlingClock clock, PartState part, Species species, DateOnly ready, DateOnly by) =>
        clock.By switch
        {
            LeaveClock.Height => Text.Of(
                $"{Quantity.Length(species.GrowsOn.LeavesAtMm)} tall {Quantity.Day(ready)} + {SeedlingClock.TallWithinDays} days (our "
                    + $"assumption) = {Quantity.Day(by)}."
            ),
            LeaveClock.Weeks => Text.Of(
                $"Sown {Quantity.Day(part.SownOn!.Value)} + {species.GrowsOn.LeavesFromWeeks} to {species.GrowsOn.LeavesToWeeks} weeks = "
                    + $"{Quantity.Day(ready)} to {Quantity.Day(by)}."
            ),
            _ => Text.Of($"True leaves {Quantity.Day(ready)} + {SeedlingClock.MoveWithinDays} days (our assumption) = {Quantity.Day(by)}."),
        };

    private static string HowToLeave(SeedlingClock clock) =>
        clock.By switch
        {
            LeaveClock.Never =>
                "Thinned to one where it stands, not pricked out, as kinds with a tap root are (common practice, no source).",
            LeaveClock.Weeks => "A slow kind: too early its roots are too thin to be handled (common practice, no source).",
            LeaveClock.Height => "This kind is moved by its height, not by its leaves (common practice, no source).",
            _ => "Thin to one, divide a crowded cell, or prick out at the first true leaves; not later (common practice, no source).",
        };

    /// <summary>Kinds that grow fast want pot after pot; null where the pot will do.</summary>
    private static DueItem? NextPot(PartState part, StepSpan open, Species species, DateOnly today)
    {
        var plants = part.Plants.At(PlantStage.Potted).Alive;
        if (plants == 0 || species.GrowsOn.RepotWeeks is not { } weeks || part.PottedOn is not { } potted)
            return null;
        var due = potted.AddDays(7 * weeks);
        var cost = part.PotCm is not { } cm
            ? Text.Of($"{plants} in their pots; the next is {RuleOfThumb.NextPotSmall} wider.")
            : Wider(plants, cm);
        return new(
            DueKind.Repot,
            part.Id,
            open.Step,
            due,
            null,
            Late(due, today),
            cost,
            [
                Text.Of($"Last potted {Quantity.Day(potted)} + {weeks} weeks, as entered for the species."),
                $"The next pot is {RuleOfThumb.NextPotSmall} wider, no more: wet mix without roots goes sour (common practice, no source).",
            ]
        );
    }

    private static string Wider(int plants, double widthCm)
    {
        var (from, to, litres) = PotSize.Next(widthCm);
        return Text.Of(
            $"{plants} in pots of {Quantity.Length(10 * widthCm)}; the next is {Quantity.Length(10 * from)} to "
                + $"{Quantity.Length(10 * to)}, {Quantity.Volume(litres * plants)} of mix for all."
        );
    }
}
