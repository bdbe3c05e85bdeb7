using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Due;

/// <summary>
/// What each batch asks for. A pure function of state, plan and day: there is no list of tasks that could drift from the facts.
/// </summary>
public static partial class DueWork
{
    /// <summary>Bags are looked at weekly (common practice, no source).</summary>
    public const int CheckEveryDays = 7;

    /// <summary>A known bag-sprouter past half of its shortest cold is looked at twice a week (common practice, no source).</summary>
    public const int SprouterCheckEveryDays = 3;

    /// <summary>
    /// A container or bed under winter is looked at every second week (our assumption), and a bag by the school that does so.
    /// </summary>
    public const int FortnightDays = 14;

    /// <summary>Trays in emergence are counted every third day (our assumption).</summary>
    public const int CountEveryDays = 3;

    /// <summary>Soaked seed is looked at after so many hours, and its water changed as often (common practice, no source).</summary>
    public const int SoakHours = 24;

    /// <summary>Everything that each living part will next ask for, whether due yet or not, soonest first.</summary>
    /// <param name="practice">The usual one if left out.</param>
    public static IReadOnlyList<DueItem> For(
        BatchPlan plan,
        BatchState state,
        Species species,
        DateOnly today,
        DuePractice? practice = null
    )
    {
        var items = new List<DueItem>();
        foreach (var part in state.Living.Where(p => p.ClosedOn is null || p.Plants.Alive + p.Plants.Dormant > 0))
            items.AddRange(ForPart(plan, part, species, today, practice ?? DuePractice.Usual));
        return [.. items.OrderBy(i => i.DueOn).ThenBy(i => i.Part, StringComparer.Ordinal)];
    }

    private static IEnumerable<DueItem> ForPart(BatchPlan plan, PartState part, Species species, DateOnly today, DuePractice practice)
    {
        if (part.Symptoms.Count > 0 && LookAgain(part, today) is { } again)
            yield return again;
        if (part.Winter is not null)
        {
            foreach (var item in Winter(part, today))
                yield return item;
        }
        if (part.Spans.Count == 0)
        {
            yield return FirstStart(plan, part, today);
            yield break;
        }
        if (part.Open is not { } open)
        {
            if (Onward(plan, part, part.Spans[^1].Step, part.Spans[^1].End!.Value, null, today) is { } waiting)
                yield return waiting;
            else if (PlantOut(part, practice.GroundOpens, today) is { } plantOut)
                yield return plantOut;
            yield break;
        }
        var step = plan.Steps[open.Step];
        var kind = step.Step.Kind;
        var hard = species.DormancyClass is DormancyClass.Physical or DormancyClass.Combinational;
        if (hard && !plan.Route.IsOutdoors && kind is StepKind.Soak or StepKind.Imbibe)
        {
            foreach (var item in Swelling(plan, part, open, today))
                yield return item;
            yield break;
        }
        if (kind is StepKind.Leach || (kind == StepKind.Soak && step.PlannedDays > 1))
            yield return NextWater(part, open, today);
        if (kind.IsMoistHold() && part.SownOn is null && part.Sprouted > 0 && SowSprouted(plan, part, open, today) is { } sprouted)
        {
            yield return sprouted;
            yield break;
        }
        if (Straw(plan, part, today) is { } straw)
            yield return straw;
        if (kind.IsMoistHold())
            yield return Look(step, part, open, species, plan.Route.IsOutdoors, today, practice.Check);
        if (part.SecondCold is { } cold)
            yield return OutOfTheCold(plan, part, open, cold, today);
        if (part.IsDomed && DomeUp(plan, part, open, practice.Dome, today) is { } dome)
            yield return dome;
        var clock = kind is StepKind.Germinate or StepKind.GrowOn ? Leaving(part, open, species, today) : null;
        if (clock is not null)
            yield return clock;
        if (!plan.Route.IsOutdoors && Feed(part, open, kind, species, practice.SeedMix, today) is { } feed)
            yield return feed;
        if (NextPot(part, open, species, today) is { } pot)
            yield return pot;
        if (Return(part, open, today) is { } back)
            yield return back;
        if (kind == StepKind.HardenOff && CarryOut(plan, part, open, today) is { } outside)
            yield return outside;
        if (kind == StepKind.Germinate)
        {
            foreach (var item in Germinating(plan, part, open, today, clock is null))
                yield return item;
            yield break;
        }
        // late seed of what grows on is still counted, where it was kept for that
        if (
            kind == StepKind.GrowOn
            && part is { ClosedOn: null, SecondCold: null }
            && (part.KeptOn is not null || part.ColdsAgain.Count > 0)
            && part.Emerged < part.Seeds
            && part.Spans.LastOrDefault(s => s.Step == plan.GerminateStep) is { } sowing
        )
        {
            yield return Tally(plan, part, sowing, today);
        }
        // outdoors nobody ends the winter: the first seedling does, and until then it is looked at
        if (
            plan.Route.IsOutdoors
            && part.SownOn is not null
            && plan.NextStep(open.Step) == plan.GerminateStep
            && plan.GerminateStep is not null
        )
            yield break;
        yield return Onward(plan, part, open.Step, plan.EndOfOpen(part, today)!.Value, open.Start.AddDays(step.Step.Days.Longest), today)
            ?? EndOfRoute(plan, part, open, today);
    }

    /// <summary>Seed that sprouted in the bag and was not sown yet: the whole bag is due today, whatever days the step had left.</summary>
    private static DueItem? SowSprouted(BatchPlan plan, PartState part, StepSpan open, DateOnly today)
    {
        if (plan.GerminateStep is not { } germinate || part.Checks.LastOrDefault(c => c.Sprouted > 0) is not { } seen)
            return null;
        var day = seen.On.DayNumber - open.Start.DayNumber;
        return new(
            DueKind.Sow,
            part.Id,
            germinate,
            seen.On,
            seen.On.AddDays(1),
            Late(seen.On, today),
            Text.Of(
                $"Day {day} of {plan.Steps[open.Step].PlannedDays}: {part.Sprouted} sprouted. Sow today or tomorrow, root down, frost-free."
            ),
            [
                Text.Of(
                    $"{part.Sprouted} of {part.Seeds} seen sprouted on {Quantity.Day(seen.On)}; "
                        + $"{plan.Steps[open.Step].Step.Kind.Words()} ends early with the sowing (common practice, no source)."
                ),
            ]
        );
    }

    private static DueItem FirstStart(BatchPlan plan, PartState part, DateOnly today)
    {
        var first = plan.NextStep(-1)!.Value;
        var sow = plan.Steps[first].Step.Kind == StepKind.Germinate;
        var late = Late(plan.Start, today);
        var target = Quantity.Day(plan.Anchor.Date);
        var cost = (late, plan.LatestStart >= today) switch
        {
            (0, _) => $"Start by {Quantity.Day(plan.LatestStart)} to be ready on {target}.",
            (_, true) => $"Start by {Quantity.Day(plan.LatestStart)} to be ready on {target}, with every step kept short.",
            _ => $"Too late for {target}. Each day of waiting moves the plants by a day.",
        };
        return new(
            sow ? DueKind.Sow : DueKind.StartStep,
            part.Id,
            first,
            plan.Start,
            plan.LatestStart,
            late,
            cost,
            [
                $"Planned start {Quantity.Day(plan.Start)}; window {Quantity.Day(plan.EarliestStart)} to {Quantity.Day(plan.LatestStart)}.",
                "Counted back from the target over the durations of the route (common practice, no source).",
            ]
        );
    }

    /// <summary>The next step of the part, due when the present one has lasted its planned days; null after the last step.</summary>
    private static DueItem? Onward(BatchPlan plan, PartState part, int from, DateOnly due, DateOnly? until, DateOnly today)
    {
        if (plan.NextStep(from) is not { } next)
            return null;
        var present = plan.Steps[from].Step;
        var late = Late(due, today);
        var kind = plan.Steps[next].Step.Kind == StepKind.Germinate && part.SownOn is null ? DueKind.Sow : DueKind.StartStep;
        var cost = (late, until) switch
        {
            (0, _) => $"Since {Quantity.Day(part.Spans[^1].Start)}.",
            (_, { } last) when last >= today => $"Can wait until {Quantity.Day(last)}. Later steps move with it.",
            (_, { } last) when present.Kind > StepKind.Germinate =>
                $"Overdue since {Quantity.Day(last)}: the plants wait for the next step.",
            (_, { } last) => $"Overdue since {Quantity.Day(last)}: seed may sprout, rot or go dormant again.",
            _ when present.Kind >= StepKind.Germinate => "Between two steps.",
            _ => "Between two steps: moist seed should not wait.",
        };
        return new(
            kind,
            part.Id,
            next,
            due,
            until,
            late,
            cost,
            [
                until is null
                    ? $"{Text.Capital(present.Kind.Words())} ended {Quantity.Day(due)}; {plan.Steps[next].Step.Kind.Words()} comes next."
                    : Text.Of(
                        $"{Text.Capital(present.Kind.Words())} since {Quantity.Day(part.Spans[^1].Start)} + "
                            + $"{plan.Steps[from].PlannedDays} days planned = {Quantity.Day(due)}."
                    ),
                Text.Of($"Route: {present.Days.Shortest}–{present.Days.Usual}–{present.Days.Longest} days (shortest–usual–longest)."),
            ]
        );
    }

    private static DueItem EndOfRoute(BatchPlan plan, PartState part, StepSpan open, DateOnly today)
    {
        var step = plan.Steps[open.Step];
        var due = plan.EndOfOpen(part, today)!.Value;
        return new(
            DueKind.EndStep,
            part.Id,
            open.Step,
            due,
            open.Start.AddDays(step.Step.Days.Longest),
            Late(due, today),
            step.Step.Kind == StepKind.HardenOff
                ? "The plants are ready when this ends, in fair weather; wind or a skipped day moves it."
                : "The plants are ready when this ends.",
            [Text.Of($"{Text.Capital(step.Step.Kind.Words())} since {Quantity.Day(open.Start)} + {step.PlannedDays} days planned.")]
        );
    }

    private static DueItem Look(
        PlannedStep step,
        PartState part,
        StepSpan open,
        Species species,
        bool outdoors,
        DateOnly today,
        CheckSchool school
    )
    {
        var last = part.Checks.Where(c => c.On >= open.Start).Select(c => c.On).DefaultIfEmpty(open.Start).Max();
        var (interval, why) = LookDates.Interval(step.Step, open.Start, last, species, outdoors, school, part.Setup?.IsSmall == true);
        // what was told lay unwatched; it asks for a look today and is not late for those it missed
        if (open.Told && last == open.Start)
        {
            return new(
                DueKind.CheckBag,
                part.Id,
                open.Step,
                today,
                null,
                0,
                "Not checked since you added it: look at it now.",
                [$"In this step since {Quantity.Day(open.Start)} as you entered it; no check is recorded yet."]
            );
        }
        var due = last.AddDays(interval);
        var late = Late(due, today);
        return new(
            DueKind.CheckBag,
            part.Id,
            open.Step,
            due,
            null,
            late,
            late == 0 ? "Moist without dripping, no mould, no sprouts." : "Not checked since then: it may be dry, mouldy or sprouting.",
            [Text.Of($"Last looked at {Quantity.Day(last)} + {interval} days = {Quantity.Day(due)}."), why]
        );
    }

    /// <summary>Seed with a water-tight coat after its soak: looked at, and then by what was seen.</summary>
    private static IEnumerable<DueItem> Swelling(BatchPlan plan, PartState part, StepSpan open, DateOnly today)
    {
        if (part.IsSwollen == true)
        {
            var seen = part.Inspections[^1].On;
            if (Onward(plan, part, open.Step, seen, seen.AddDays(1), today) is { } onward)
            {
                yield return onward with
                {
                    Cost = Text.Of(
                        $"{SwellingCycles.Tally(part)} since {Quantity.Day(seen)}: sow or start the next step today or tomorrow."
                    ),
                };
            }
            yield break;
        }
        if (part.IsSwollen == false)
        {
            var cycle = SwellingCycles.Judge(part)!;
            var seen = part.Inspections[^1].On;
            var scarify = Enumerable.Range(0, open.Step + 1).LastOrDefault(i => plan.Steps[i].Step.Kind == StepKind.Scarify, open.Step);
            yield return new(DueKind.ScarifyAgain, part.Id, scarify, seen, null, Late(seen, today), cycle.Words, cycle.Working);
            yield break;
        }
        var last = part.Inspections.Where(i => i.On > open.Start).Select(i => i.On).DefaultIfEmpty(open.Start).Max();
        var due = last.AddDays(1);
        yield return new(
            DueKind.LookForSwelling,
            part.Id,
            open.Step,
            due,
            null,
            Late(due, today),
            Late(due, today) == 0
                ? "Swollen and paler has taken water; small and dark has not."
                : "Swollen seed drowns or sprouts in standing water.",
            [Text.Of($"In water or moist medium since {Quantity.Day(last)} + {SoakHours} h (common practice, no source).")],
            last == open.Start ? open.StartedAt?.AddHours(SoakHours) : null
        );
    }

    private static DueItem NextWater(PartState part, StepSpan open, DateOnly today)
    {
        var changes = part.WaterChanges.Where(c => c.On >= open.Start).ToList();
        var (on, at) = changes.Count > 0 ? (changes[^1].On, changes[^1].At) : (open.Start, open.StartedAt);
        var due = on.AddDays(1);
        return new(
            DueKind.ChangeWater,
            part.Id,
            open.Step,
            due,
            null,
            Late(due, today),
            Late(due, today) == 0
                ? "Use fresh water at room temperature, and check the seed."
                : "What leached out stays in the water, and the water goes foul.",
            [Text.Of($"Last water {Quantity.Day(on)} + {SoakHours} h (common practice, no source); changed {changes.Count} times so far.")],
            at?.AddHours(SoakHours)
        );
    }

    private static int Late(DateOnly due, DateOnly today) => Math.Max(0, today.DayNumber - due.DayNumber);
}
