using Gassel.Core;
using Gassel.Core.Climate;
using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Germination;
using Gassel.Core.Growing;
using Gassel.Core.Places;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Book;

namespace Gassel.Web.Features.Batches;

/// <summary>From a shelved batch to what the screens read.</summary>
internal static class BatchViews
{
    /// <param name="hurting">Places that hurt what stands in them.</param>
    public static BatchSummary Summary(ShelvedBatch batch, Core.Treatments.Species species, IReadOnlySet<string> hurting, DateOnly today)
    {
        var state = batch.State;
        var main = MainPart(state);
        var ribbon = Ribbon.For(batch.Plan, main, today);
        return new(
            batch.Row.Id,
            batch.Row.Number,
            species.Id,
            species.CommonName,
            species.ScientificName,
            batch.Row.LotId,
            Status(batch.Plan, state, main, today),
            state.Started ? state.SeedsStarted : batch.Plan.Seeds,
            state.Germinated,
            state.Standing,
            state.Conflicts.Count(),
            ribbon[0].Start,
            ribbon[^1].End,
            ribbon,
            state.Living.Any(p => p.Open is not null && p.Place is { } place && hurting.Contains(place)),
            batch.Plan.Name,
            state.DiscardedOn
        );
    }

    public static BatchView Whole(
        ShelvedBatch batch,
        Core.Treatments.Species species,
        IReadOnlyDictionary<string, Place> places,
        Func<PartState, ColdSoFar?> coldOf,
        Func<PartState, GerminationWarmth?> warmthOf,
        IPlaceTemperatures temperatures,
        IReadOnlyDictionary<string, IReadOnlyList<PlaceTrouble>> troubles,
        IReadOnlyDictionary<DateOnly, YardDay> weather,
        PlantingOut plantingOut,
        DuePractice practice,
        TimeZoneInfo zone,
        DateOnly today,
        double latitude,
        IReadOnlyList<PastCurve> past,
        ColdQuestions? questions
    )
    {
        var placeNames = BatchNames.OfPlaces(places.Values);
        var (plan, state) = (batch.Plan, batch.State);
        return new(
            Summary(batch, species, troubles.Where(t => t.Value.Any(x => x.HurtsSeed)).Select(t => t.Key).ToHashSet(), today),
            plan,
            species,
            [
                .. state.Parts.Select(p => new PartView(
                    p,
                    Ribbon.For(plan, p, today),
                    Result(plan, p, species, today, latitude, past),
                    Roots(p, species),
                    p.Divided || p.IsDone(plan) ? null : Replan.For(plan, p, today),
                    p.Divided ? null : coldOf(p),
                    p.Divided ? null : warmthOf(p),
                    p.Divided ? null : VernalizationSoFar.Of(plan, p, places, temperatures, today),
                    p.Divided ? null : SeedlingClock.Of(p, species),
                    p.Divided ? null : HardeningSoFar.Of(plan, p, species, weather, today),
                    p.Divided ? [] : [.. p.Touched(troubles, zone)],
                    p.SownOn is null || plan.GerminateStep is null ? null : plan.DaysToEmergence(p),
                    p.Divided ? [] : LookDates.Ahead(plan, p, species, practice.Check, today),
                    state.NextPart(p.Id),
                    SecondColdOffer.Of(plan, p, [.. places.Values], questions),
                    p.Divided || p.SecondCold is not null || coldOf(p) is not { } cold ? null : questions?.SoFar(cold.All.Effective)
                )),
            ],
            BatchGermination.From(plan, state),
            DueWork.For(plan, state, species, today, practice),
            [
                .. state.Log.Select(l => new LogLine(
                    l.Entry.Id,
                    l.Entry.Act,
                    l.Entry.DoneOn,
                    l.Entry.RecordedAt,
                    l.Entry.Who,
                    l.Entry.Source,
                    EntryKinds.Of(l.Entry.Payload),
                    EntryWords.Of(l.Entry.Payload, plan, placeNames),
                    l.Fate,
                    l.Conflict?.Words,
                    (l.Entry.Payload as PhotoTaken)?.Photo
                )),
            ],
            state.Plants,
            state.BooksClosedOn,
            plantingOut,
            LeftOver.Of(state.Plants, plan.Plants)?.Words,
            [.. plan.Steps.Select(s => Cautions.For(species.Hazard, s.Step, plan.Route.Setting))]
        );
    }

    /// <summary>The part that holds most of the seed.</summary>
    public static PartState MainPart(BatchState state) => state.Living.MaxBy(p => p.Seeds) ?? state.Parts[0];

    private static string Status(BatchPlan plan, BatchState state, PartState main, DateOnly today)
    {
        if (state.DiscardedOn is { } given)
            return Text.Of($"plan discarded {Quantity.Day(given)}");
        if (!state.Started)
        {
            return Text.Of($"{(plan.Start < today ? "start is past:" : "planned for")} {Quantity.Day(plan.Start)}");
        }
        if (state.BooksClosedOn is { } closed)
            return Text.Of($"books closed {Quantity.Day(closed)}");
        if (state.Living.All(p => p.IsDone(plan)))
            return state.Living.Max(p => p.Spans[^1].End) is { } end ? $"finished {Quantity.Day(end)}" : "finished";
        if (main.Open is not { } open)
            return "between two steps";
        var step = plan.Steps[open.Step].Step;
        if (state.Living.Skip(1).Any() && state.Living.Any(p => p.SownOn is not null))
            return UpOf(plan, state);
        if (step.Kind == StepKind.Germinate && main is { KeptOn: not null, ClosedOn: null })
            return Text.Of($"kept for next spring, {UpOf(plan, state)}");
        if (step.Kind == StepKind.Germinate && main.SecondCold is { } cold)
            return Text.Of($"second cold, day {today.DayNumber - cold.From.DayNumber} of {cold.Days}; {UpOf(plan, state)}");
        return step.Kind == StepKind.Germinate ? UpOf(plan, state)
            : plan.Steps[open.Step].PlannedDays == 0 ? Text.Of($"{step.Kind.Words()}, begun {Quantity.Day(open.Start)}")
            : Text.Of($"{step.Kind.Words()}, day {main.DaysIn(plan, today)} of {plan.Steps[open.Step].PlannedDays}");
    }

    /// <summary>
    /// Over all parts, as the germination beside it is told: sprouted in the bag counts, and seed that was cut is not of the number.
    /// </summary>
    private static string UpOf(BatchPlan plan, BatchState state)
    {
        var seeds = state.SeedsStarted - state.SeedsCut;
        if (SeedCounted.Of(plan, state) == Counted.Never)
            return Text.Of($"{seeds} {(seeds == 1 ? "seed" : "seeds")} sown, not counted yet");
        var emerged = state.Living.Sum(p => p.Emerged);
        var inBag = state.Germinated - emerged;
        return Text.Of($"{emerged} up of {seeds}{(inBag > 0 ? $", {inBag} more sprouted or rooted" : "")}");
    }

    /// <summary>What the counts of a sown part say; null before sowing, or without seed.</summary>
    public static GerminationResult? Result(
        BatchPlan plan,
        PartState part,
        Core.Treatments.Species species,
        DateOnly today,
        double latitude,
        IReadOnlyList<PastCurve> past
    )
    {
        if (part.SownOn is not { } sown || part.Seeds == 0)
            return null;
        var days = plan.DaysToEmergence(part);
        var context = new SowingContext(
            days.Shortest,
            days.Longest,
            species.DormancyClass,
            species.Depth,
            species.Flags,
            part.Checks.Any(c => c.On >= sown && c.Mould == MouldSeen.Much),
            part.Cut,
            Springs.Passed(sown, today, latitude),
            past,
            today.DayNumber - sown.DayNumber
        );
        return GerminationResult.From(part.Seeds, part.CountsSinceSowing(), context: context);
    }

    /// <summary>Roots counted apart; null for kinds that shoot in the season in which they root.</summary>
    private static GerminationResult? Roots(PartState part, Core.Treatments.Species species) =>
        part.SownOn is not null && part.Seeds > 0 && species.Has(SpeciesFlag.RootBeforeShoot)
            ? GerminationResult.From(part.Seeds, part.RootsSinceSowing())
            : null;
}
