using Gassel.Core.Climate;
using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Growing;
using Gassel.Core.Places;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Features.Plants;
using Gassel.Web.Features.Temperature;
using Gassel.Web.Features.Trials;
using Gassel.Web.Features.Yard;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Rounds;

/// <summary>A vessel standing at a place: one part of a batch.</summary>
/// <param name="Seeds">0 while the batch has not begun; then <paramref name="PlannedSeeds"/> says what is planned.</param>
/// <param name="Step">The step it is in; null before the first and between two.</param>
/// <param name="StepIndex">Its index in the route; null with it.</param>
/// <param name="Day">Days in this step; null with it.</param>
/// <param name="ShortestDays">Of the step it is in, by the route; null with it.</param>
/// <param name="Sprouted">Of the seeds, seen sprouted in the treatment.</param>
/// <param name="SowAllFrom">Newly sprouted seeds from which sowing all is the default; null outside a moist hold.</param>
/// <param name="SowAllBefore">The same for a day before its shortest time was reached.</param>
/// <param name="SproutsTo">Id of the frost-free place for seed that sprouted in the bag; null where the book has none.</param>
/// <param name="Cold">The cold it has had; null outside a cold step.</param>
/// <param name="Warmth">How warm it is against the band of the species, where it is to come up and the place was measured; null elsewhere.</param>
/// <param name="Flowering">Cold towards flowering in a sentence; null where its step is not that.</param>
/// <param name="Hardening">What today is like for plants that harden off; null outside that step.</param>
/// <param name="Plants">By stage; null before the first seedling.</param>
/// <param name="Cares">What may be done to it at a look; empty outside a moist hold.</param>
/// <param name="ToRead">Topics of cautions that want to be read before its seed is touched.</param>
/// <param name="Sowing">How it is usually sown; null once it is, and for seed that goes out with its first cold.</param>
/// <param name="Laid">What a trial wants of its seed; null outside one.</param>
/// <param name="Clump">Several to a cell are divided later, by the plan.</param>
/// <param name="Due">What it asks for, due or not, soonest first.</param>
public sealed record StandingPart(
    Guid BatchId, int Number, string CommonName, HazardLevel Hazard, string Part, int Seeds, int PlannedSeeds, int Sprouted, int Standing, Vessel? Vessel,
    StepKind? Step, int? StepIndex, int? Day, int? PlannedDays, int? ShortestDays, int? SowAllFrom, int? SowAllBefore, string? SproutsTo,
    ColdBrief? Cold, GerminationWarmth? Warmth, string? Flowering, HardeningDay? Hardening, PlantTally? Plants, IReadOnlyList<BagCare> Cares, IReadOnlyList<string> ToRead, Sown? Sowing,
    LaidSowing? Laid, bool Clump, IReadOnlyList<StandingDue> Due);

/// <param name="Due">What is asked for.</param>
/// <param name="StepKind">Kind of the step it concerns.</param>
/// <param name="Note">How the step is done.</param>
/// <param name="Cautions">To be read where the hand is about to do it; none for what is only looked at.</param>
/// <param name="ToPlace">Id of the place where the step is usually done; null where it stays.</param>
/// <param name="Optional">The step may be left out.</param>
/// <param name="SetsOut">A winter container is made ready and set out with it.</param>
public sealed record StandingDue(DueItem Due, StepKind StepKind, string? Note, IReadOnlyList<Caution> Cautions, string? ToPlace, bool SetsOut = false, bool Optional = false);

/// <param name="Temperature">How warm it is there, and what is the matter.</param>
/// <param name="Lamps">When to look at the lamps; null where there are none, or nothing grows under them.</param>
public sealed record RoundsPlace(Place Place, PlaceTemperature Temperature, LampLook? Lamps, IReadOnlyList<StandingPart> Parts);

/// <summary>An entry that cannot be true beside the others, for the grower to settle.</summary>
public sealed record RoundsConflict(Guid BatchId, int Number, string CommonName, Guid Entry, DateOnly DoneOn, string Who, string Words, string Why);

/// <param name="DueCount">Things due today or late, over all places.</param>
/// <param name="Yard">What the weather asks of containers.</param>
/// <param name="Aside">Batches that cannot be computed, and are in no list.</param>
public sealed record RoundsView(DateOnly Today, int DueCount, IReadOnlyList<RoundsPlace> Places, IReadOnlyList<RoundsConflict> Conflicts, IReadOnlyList<YardAlert> Yard, IReadOnlyList<BatchAside> Aside);

internal static class RoundsEndpoints
{
    /// <summary>Days that a sheet may be printed ahead.</summary>
    private const int MostAhead = 7;

    public static void MapRounds(this RouteGroupBuilder api) => api.MapGet("/rounds", Today).ProducesProblem(400);

    /// <param name="on">A day ahead to print the sheet for, at most a week; today if left out.</param>
    private static async Task<Results<Ok<RoundsView>, ProblemHttpResult>> Today(string? on, Library library, OutdoorBatches shelf, TemperatureWatch watch, TrayRights trays, TrialBook trials, SetAside aside, PlantOutlook plants, SiteClock clock, CancellationToken cancel)
    {
        var species = (await library.Species()).ToDictionary(s => s.Id);
        var places = await library.Places();
        var names = BatchEndpoints.Names(places);
        var today = clock.Today;
        if (!string.IsNullOrEmpty(on))
        {
            if (!DateOnly.TryParseExact(on, "yyyy-MM-dd", out var ahead) || ahead < today || ahead > today.AddDays(MostAhead))
            {
                return new Refusal("on", $"on was '{on}'; valid is a day from today, {today:yyyy-MM-dd}, to a week ahead.").ToResult();
            }
            today = ahead;
        }
        var batches = await shelf.All(cancel);

        var kept = await trials.All();
        var (known, temperatures, inside) = (await watch.Known(), await watch.Now(), await watch.Inside());
        var (weather, practices) = (await plants.Days(cancel), plants.Practices());
        var standing = aside.Many(batches, b => Stand(b, species[b.Row.SpeciesId], places, (part, byId) => watch.Cold(b, part, species[b.Row.SpeciesId], byId, known, inside, today), temperatures, known, weather, clock.Settings, practices[species[b.Row.SpeciesId].Hardiness], kept, today)).ToLookup(s => s.PlaceId, s => s.Part);
        var conflicts = batches.SelectMany(b => b.State.Log.Where(l => l.Conflict is not null).Select(l => new RoundsConflict(
            b.Row.Id, b.Row.Number, species[b.Row.SpeciesId].CommonName, l.Entry.Id, l.Entry.DoneOn, l.Entry.Who,
            EntryWords.Of(l.Entry.Payload, b.Plan, names), l.Conflict!.Words)))
            .Concat((await trays.Overlaps()).Select(o => new RoundsConflict(
                o.Batch.Row.Id, o.Batch.Row.Number, species[o.Batch.Row.SpeciesId].CommonName, o.Entry.Id, o.Entry.DoneOn, o.Entry.Who, EntryWords.Of(o.Entry.Payload, o.Batch.Plan, names), o.Words)));
        var byPlace = places.Select(p => new RoundsPlace(p, temperatures[p.Id], LampLook.Of(p, batches.SelectMany(b => b.State.Living.Where(x => x.Place == p.Id && !x.BooksClosed)), today), [.. standing[p.Id].OrderByDescending(s => Lateness(s, today)).ThenBy(s => s.Number)])).ToList();
        return TypedResults.Ok(new RoundsView(today,
            byPlace.Sum(p => p.Parts.Sum(s => s.Due.Count(d => d.Due.DueOn <= today))),
            [.. byPlace.Where(p => p.Parts.Count > 0)],
            [.. conflicts], YardViews.Alerts(inside.Vessels.Values), aside.All));
    }

    private static IEnumerable<(string PlaceId, StandingPart Part)> Stand(
        ShelvedBatch batch, Core.Treatments.Species species, IReadOnlyList<Place> places,
        Func<PartState, IReadOnlyDictionary<string, Place>, ColdSoFar?> coldOf, Dictionary<string, PlaceTemperature> temperatures, IPlaceTemperatures known,
        IReadOnlyDictionary<DateOnly, YardDay> weather, SiteSettings schools, DuePractice practice, IEnumerable<KeptTrial> trials, DateOnly today)
    {
        var byId = places.ToDictionary(p => p.Id);
        var toRead = Cautions.ToRead(species.Hazard).Where(topic => !batch.State.CautionsRead.Contains(topic)).ToList();
        var due = DueWork.For(batch.Plan, batch.State, species, today, practice).ToLookup(d => d.Part);
        foreach (var part in batch.State.Living.Where(p => !p.IsDone(batch.Plan) || due[p.Id].Any()))
        {
            var open = part.Open;
            yield return (part.Place ?? places.First(p => p.Kind == PlaceKind.Table).Id, new(
                batch.Row.Id, batch.Row.Number, species.CommonName, species.Hazard, part.Id, part.Seeds, batch.Plan.Seeds, part.Sprouted, part.Standing, part.Vessel,
                open is null ? null : batch.Plan.Steps[open.Step].Step.Kind,
                open?.Step,
                open is null ? null : part.DaysIn(batch.Plan, today),
                open is null ? null : batch.Plan.Steps[open.Step].PlannedDays,
                open is null ? null : batch.Plan.Steps[open.Step].Step.Days.Shortest,
                SowAll(batch.Plan, part, schools, today), open is null ? null : SowAll(batch.Plan, part, schools, open.Start),
                places.FirstOrDefault(p => p.Kind == UsualPlaces.ForSprouts)?.Id,
                ColdBrief.Of(coldOf(part, byId), schools.ColdSchool),
                Warmth(batch.Plan, part, species, byId, temperatures),
                open is not null && batch.Plan.Steps[open.Step].Step.Kind is StepKind.PlantVernalization or StepKind.SeedVernalization ? VernalizationSoFar.Of(batch.Plan, part, byId, known, today)?.Words : null,
                HardeningSoFar.Of(batch.Plan, part, species, weather, today)?.Days.FirstOrDefault(d => d.Date == today), part.Plants.Emerged == 0 ? null : part.Plants,
                open is not null && batch.Plan.Steps[open.Step].Step.Kind.IsMoistHold() ? BagCares.For(species.Hazard) : [],
                toRead, Sowing(batch, part, species, places, schools),
                LaidSowing.Of(trials, batch, species, schools.DepthSchool, places), batch.Plan.Sowing?.Clump == true,
                [.. due[part.Id].Select(d => Explain(d, batch.Plan, species, places))]));
        }
    }

    /// <summary>Null outside a moist hold.</summary>
    private static int? SowAll(BatchPlan plan, PartState part, SiteSettings schools, DateOnly day) =>
        part.Open is { } open && plan.Steps[open.Step].Step.Kind.IsMoistHold() ? schools.SproutSchool.SowAllFrom(plan.Steps[open.Step], open, part, day) : null;

    private static Sown? Sowing(ShelvedBatch batch, PartState part, Core.Treatments.Species species, IReadOnlyList<Place> places, SiteSettings schools)
    {
        if (part.SownOn is not null || batch.Plan.GerminateStep is not { } germinate || batch.Plan.Route.IsOutdoors) return null;
        var kind = UsualPlaces.For(batch.Plan.Route.Setting, batch.Plan.Steps[germinate].Step);
        return SowingAdvice.Of(species, batch.Plan.Route, schools.DepthSchool, batch.Plan.Forecast?.Mean).Usual(batch.Row.Number, part.Id, places.FirstOrDefault(p => p.Kind == kind)?.Id, batch.Plan.Sowing);
    }

    /// <summary>An assumed temperature is no news of the seed; null then, and outside the germinate step.</summary>
    internal static GerminationWarmth? Warmth(BatchPlan plan, PartState part, Core.Treatments.Species species, IReadOnlyDictionary<string, Place> places, Dictionary<string, PlaceTemperature> temperatures) =>
        part.Open is { } open && plan.Steps[open.Step].Step.Kind == StepKind.Germinate && part.Place is { } place && places.TryGetValue(place, out var where) && where.Kind != PlaceKind.Yard
            && temperatures.TryGetValue(place, out var now) && now.Source != TemperatureSource.Assumed
            ? GerminationWarmth.Of(species, now.TempC, where.Kind == PlaceKind.HeatMat)
            : null;

    internal static StandingDue Explain(DueItem due, BatchPlan plan, Core.Treatments.Species species, IReadOnlyList<Place> places)
    {
        var (setting, step) = (plan.Route.Setting, plan.Steps[due.Step].Step);
        var moves = due.Kind is DueKind.StartStep or DueKind.ScarifyAgain or DueKind.Sow;
        var kind = UsualPlaces.For(setting, step);
        return new(due, step.Kind, step.Note, IsLookedOver(due.Kind) ? [] : Cautions.For(species.Hazard, step, setting), moves ? places.FirstOrDefault(p => p.Kind == kind)?.Id : null,
            due.Kind == DueKind.StartStep && setting == RouteSetting.WinterContainer && plan.IsSownAt(due.Step),
            due.Kind == DueKind.StartStep && step.Optional);
    }

    /// <summary>Done without a hand on seed, mix or plant: no caution belongs to it.</summary>
    private static bool IsLookedOver(DueKind kind) => kind is DueKind.CountSeedlings or DueKind.LookForTrueLeaves or DueKind.LookForReturn or DueKind.TakeDomeOff or DueKind.CarryOut or DueKind.Feed or DueKind.EndStep
        or DueKind.StrawMostOff or DueKind.StrawRestOff;

    private static int Lateness(StandingPart part, DateOnly today) =>
        part.Due.Count == 0 ? int.MinValue : part.Due.Max(d => today.DayNumber - d.Due.DueOn.DayNumber);
}
