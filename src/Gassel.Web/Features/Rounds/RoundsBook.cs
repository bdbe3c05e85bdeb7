using Gassel.Core.Climate;
using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Growing;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;
using Gassel.Data;
using Gassel.Data.Readings;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.Plants;
using Gassel.Web.Features.Temperature;
using Gassel.Web.Features.Trials;
using Gassel.Web.Features.Yard;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Rounds;

/// <summary>What every bag, tray and container asks for on a day, place by place.</summary>
internal sealed class RoundsBook(
    Library library,
    OutdoorBatches batches,
    BatchShelf shelf,
    TemperatureWatch watch,
    TrayRights trays,
    TrialBook trials,
    SetAside aside,
    PlantOutlook plants,
    ReadingBook readings,
    OutBook outside,
    SiteClock clock
)
{
    /// <summary>So many are settled at a time; more would bury the work of the day.</summary>
    private const int ConflictsTold = 20;

    public async Task<RoundsView> On(DateOnly today, CancellationToken cancel)
    {
        var ground = await Ground(today, cancel);
        var standing = Standing(ground, ground.Batches);
        var byPlace = ground.Places.Select(p => Whole(p, ground, standing)).ToList();
        var conflicts = await Conflicts(ground);
        return new RoundsView(
            today,
            ground.Sequence,
            byPlace.Sum(p => p.Jobs + p.Parts.Sum(s => s.Due.Count(d => d.Due.DueOn <= today))),
            [.. byPlace.Where(p => p.Parts.Count > 0 || p.Out.Count > 0)],
            [.. conflicts.Take(ConflictsTold)],
            conflicts.Count,
            YardViews.Alerts(ground.Inside.Vessels.Values),
            aside.All,
            clock.IsDemo ? [] : [.. (await readings.Series()).Where(s => s.Device is not null).Select(s => s.Name)]
        );
    }

    /// <summary>What is otherwise today after a gesture.</summary>
    /// <param name="touched">Batches of the gesture.</param>
    /// <param name="left">Ids of the places where they stood before.</param>
    public async Task<RoundsChange> After(IReadOnlySet<Guid> touched, IReadOnlySet<string> left, CancellationToken cancel)
    {
        var today = clock.Today;
        var ground = await Ground(today, cancel);
        var standing = Standing(ground, ground.Batches.Where(b => touched.Contains(b.Row.Id)));
        var conflicts = await Conflicts(ground);
        return new RoundsChange(
            today,
            ground.Sequence,
            [.. touched],
            [.. ground.Places.Where(p => left.Contains(p.Id) || standing.Contains(p.Id)).Select(p => Whole(p, ground, standing))],
            [.. ground.Places.Select(p => p.Id)],
            [.. conflicts.Take(ConflictsTold)],
            conflicts.Count,
            YardViews.Alerts(ground.Inside.Vessels.Values),
            aside.All
        );
    }

    /// <summary>Where a part stands; what nobody put anywhere lies on the table.</summary>
    internal static Place StandsAt(PartState part, IReadOnlyList<Place> places) =>
        places.FirstOrDefault(p => p.Id == part.Place) ?? UsualPlaces.Of(PlaceKind.Table, places) ?? places[0];

    /// <summary>What the book knows today that more than one batch or place is judged by.</summary>
    private sealed record AllKnown(
        DateOnly Today,
        long Sequence,
        IReadOnlyList<Place> Places,
        Dictionary<string, Core.Treatments.Species> Species,
        IReadOnlyList<ShelvedBatch> Batches,
        IReadOnlyList<KeptTrial> Trials,
        KnownTemperatures Temperatures,
        Dictionary<string, PlaceTemperature> Now,
        InsideOfContainers Inside,
        IReadOnlyDictionary<DateOnly, YardDay> Weather,
        IReadOnlyDictionary<SeedlingHardiness, DuePractice> Practices,
        IReadOnlyDictionary<string, IReadOnlyList<OutWarning>> Outside
    );

    private async Task<AllKnown> Ground(DateOnly today, CancellationToken cancel)
    {
        // asked for first: what comes in meanwhile is not taken for known
        var sequence = await shelf.LastSequence();
        var known = await watch.Known();
        return new(
            today,
            sequence,
            await library.Places(),
            (await library.Species()).ToDictionary(s => s.Id),
            await batches.All(cancel),
            await trials.All(),
            known,
            await watch.Now(known),
            await watch.Inside(),
            await plants.Days(cancel),
            plants.Practices(),
            await outside.At(Moment(today), cancel)
        );
    }

    private ILookup<string, StandingPart> Standing(AllKnown ground, IEnumerable<ShelvedBatch> batches) =>
        aside
            .Many(batches, b =>
                Stand(
                    b,
                    ground.Species[b.Row.SpeciesId],
                    ground.Places,
                    (part, byId) =>
                        watch.Cold(b, part, ground.Species[b.Row.SpeciesId], byId, ground.Temperatures, ground.Inside, ground.Today),
                    ground.Now,
                    ground.Temperatures,
                    ground.Weather,
                    clock.Settings,
                    ground.Practices[ground.Species[b.Row.SpeciesId].Hardiness],
                    ground.Trials,
                    ground.Today
                )
            )
            .ToLookup(s => s.PlaceId, s => s.Part);

    private RoundsPlace Whole(Place place, AllKnown ground, ILookup<string, StandingPart> standing)
    {
        var (today, moment) = (ground.Today, Moment(ground.Today));
        List<(ShelvedBatch Batch, PartState Part)> here = [.. At(ground.Batches, place)];
        RoundsPlace whole = new(
            place,
            ground.Now[place.Id],
            LampLook.Of(place, here.Select(x => (x.Batch.Row.Id, x.Batch.Plan, x.Part)), today),
            DomeAiring.Of(here.Select(x => (x.Batch.Row.Id, x.Batch.Row.Number, x.Part)), today),
            SymptomSpread.At(here.Select(x => (x.Batch.Row.Number, x.Part)), today),
            WaterRound.Of(
                place,
                here.Where(x => !x.Part.IsDone(x.Batch.Plan))
                    .Select(x => (x.Batch.Row.Id, x.Batch.Row.Number, x.Part, ground.Species[x.Batch.Row.SpeciesId])),
                ground.Weather,
                moment
            ),
            ground.Outside.GetValueOrDefault(place.Id, []),
            [.. standing[place.Id].OrderByDescending(s => Lateness(s, today)).ThenBy(s => s.Number)]
        )
        {
            Jobs = 0,
        };
        return whole with { Jobs = whole.JobWords(today).Count };
    }

    private async Task<IReadOnlyList<RoundsConflict>> Conflicts(AllKnown ground)
    {
        var names = BatchNames.OfPlaces(ground.Places);
        RoundsConflict Of(ShelvedBatch batch, Entry entry, string why) =>
            new(
                batch.Row.Id,
                batch.Row.Number,
                ground.Species[batch.Row.SpeciesId].CommonName,
                entry.Id,
                entry.DoneOn,
                entry.Who,
                EntryWords.Of(entry.Payload, batch.Plan, names),
                why
            );
        return
        [
            .. ground.Batches.SelectMany(b => b.State.InConflict.Select(l => Of(b, l.Entry, l.Conflict!.Words))),
            .. (await trays.Overlaps()).Select(o => Of(o.Batch, o.Entry, o.Words)),
        ];
    }

    /// <summary>All that lives at a place, done or not.</summary>
    private static IEnumerable<(ShelvedBatch Batch, PartState Part)> At(IEnumerable<ShelvedBatch> batches, Place place) =>
        batches.SelectMany(b => b.State.Living.Where(x => x.Place == place.Id).Select(x => (b, x)));

    /// <summary>Now at the site; of another day its noon.</summary>
    private DateTimeOffset Moment(DateOnly day)
    {
        if (day == clock.Today)
            return TimeZoneInfo.ConvertTime(clock.GetUtcNow(), clock.LocalTimeZone);
        var noon = day.ToDateTime(new TimeOnly(12, 0));
        return new(noon, clock.LocalTimeZone.GetUtcOffset(noon));
    }

    private static IEnumerable<(string PlaceId, StandingPart Part)> Stand(
        ShelvedBatch batch,
        Core.Treatments.Species species,
        IReadOnlyList<Place> places,
        Func<PartState, IReadOnlyDictionary<string, Place>, ColdSoFar?> coldOf,
        Dictionary<string, PlaceTemperature> temperatures,
        IPlaceTemperatures known,
        IReadOnlyDictionary<DateOnly, YardDay> weather,
        SiteSettings schools,
        DuePractice practice,
        IEnumerable<KeptTrial> trials,
        DateOnly today
    )
    {
        var byId = places.ToDictionary(p => p.Id);
        var toRead = Cautions.ToRead(species.Hazard).Where(topic => !batch.State.CautionsRead.Contains(topic)).ToList();
        var due = DueWork.For(batch.Plan, batch.State, species, today, practice).ToLookup(d => d.Part);
        foreach (var part in batch.State.Living.Where(p => !p.IsDone(batch.Plan) || due[p.Id].Any()))
        {
            var open = part.Open;
            var warmth = Warmth(batch.Plan, part, species, byId, temperatures);
            yield return (
                StandsAt(part, places).Id,
                new(
                    batch.Row.Id,
                    batch.Row.Number,
                    species.CommonName,
                    species.Hazard,
                    part.Id,
                    part.Seeds,
                    batch.Plan.Seeds,
                    part.Sprouted,
                    part.Standing,
                    part.Vessel,
                    open is null ? null : batch.Plan.Steps[open.Step].Step.Kind,
                    open?.Step,
                    open is null ? null : part.DaysIn(batch.Plan, today),
                    open is null ? null : batch.Plan.Steps[open.Step].PlannedDays,
                    open is null ? null : batch.Plan.Steps[open.Step].Step.Days.Shortest,
                    SowAll(batch.Plan, part, schools, today),
                    open is null ? null : SowAll(batch.Plan, part, schools, open.Start),
                    UsualPlaces.Of(UsualPlaces.ForSprouts, places)?.Id,
                    ColdBrief.Of(coldOf(part, byId), schools.ColdSchool),
                    warmth,
                    open is not null && batch.Plan.Steps[open.Step].Step.Kind is StepKind.PlantVernalization or StepKind.SeedVernalization
                        ? VernalizationSoFar.Of(batch.Plan, part, byId, known, today)?.Words
                        : null,
                    HardeningSoFar.Of(batch.Plan, part, species, weather, today)?.Days.FirstOrDefault(d => d.Date == today),
                    part.Plants.Emerged == 0 ? null : part.Plants,
                    open is not null && batch.Plan.Steps[open.Step].Step.Kind.IsMoistHold() ? BagCares.For(species.Hazard) : [],
                    toRead,
                    Sowing(batch, part, species, places, schools),
                    LaidSowing.Of(trials, batch, species, schools.DepthSchool, places),
                    batch.Plan.Sowing?.Clump == true,
                    part.Waiting,
                    batch.State.NextPart(part.Id),
                    warmth is { IsTooWarm: true } ? GerminationWarmth.Better(species, places, p => temperatures[p.Id].TempC)?.Id : null,
                    part.SownOn is not null,
                    [.. part.Symptoms.Where(t => t.IsOpen)],
                    [.. due[part.Id].Select(d => Explain(d, batch.Plan, species, places, byId.GetValueOrDefault(part.Place ?? "")))]
                )
            );
        }
    }

    /// <summary>Null outside a moist hold.</summary>
    private static int? SowAll(BatchPlan plan, PartState part, SiteSettings schools, DateOnly day) =>
        part.Open is { } open && plan.Steps[open.Step].Step.Kind.IsMoistHold()
            ? schools.SproutSchool.SowAllFrom(plan.Steps[open.Step], open, part, day)
            : null;

    private static Sown? Sowing(
        ShelvedBatch batch,
        PartState part,
        Core.Treatments.Species species,
        IReadOnlyList<Place> places,
        SiteSettings schools
    )
    {
        if (part.SownOn is not null || batch.Plan.GerminateStep is not { } germinate || batch.Plan.Route.IsOutdoors)
            return null;
        var usual = UsualPlaces.For(batch.Plan.Route.Setting, batch.Plan.Steps[germinate].Step, places);
        return SowingAdvice
            .Of(species, batch.Plan.Route, schools.DepthSchool, batch.Plan.Forecast?.Mean)
            .Usual(batch.Row.Number, part.Id, usual?.Id, batch.Plan.Sowing);
    }

    /// <summary>An assumed temperature is no news of the seed; null then, and outside the germinate step.</summary>
    internal static GerminationWarmth? Warmth(
        BatchPlan plan,
        PartState part,
        Core.Treatments.Species species,
        IReadOnlyDictionary<string, Place> places,
        Dictionary<string, PlaceTemperature> temperatures
    ) =>
        part.Open is { } open
        && plan.Steps[open.Step].Step.Kind == StepKind.Germinate
        && part.Place is { } place
        && places.TryGetValue(place, out var where)
        && !where.IsOutdoors
        && temperatures.TryGetValue(place, out var now)
        && now.Source != TemperatureSource.Assumed
            ? GerminationWarmth.Of(species, now.TempC, where.Kind == PlaceKind.HeatMat)
            : null;

    /// <summary>Hardy kinds that stand cool already go out as they are (a school; common practice, no source).</summary>
    private static bool NeedsNoHardening(Core.Treatments.Species species, Place? where) =>
        species.Hardiness is SeedlingHardiness.Hardy or SeedlingHardiness.SnowMelt
        && where?.Kind is PlaceKind.Greenhouse or PlaceKind.ColdFrame or PlaceKind.Garage;

    /// <param name="where">It stands; null where nobody said.</param>
    internal static StandingDue Explain(
        DueItem due,
        BatchPlan plan,
        Core.Treatments.Species species,
        IReadOnlyList<Place> places,
        Place? where = null
    )
    {
        var (setting, step) = (plan.Route.Setting, plan.Steps[due.Step].Step);
        var moves = due.Kind is DueKind.StartStep or DueKind.ScarifyAgain or DueKind.Sow or DueKind.EndSecondCold;
        return new(
            due,
            step.Kind,
            step.Note,
            IsLookedOver(due.Kind) ? [] : Cautions.For(species.Hazard, step, setting),
            moves ? UsualPlaces.For(setting, step, places)?.Id : null,
            due.Kind == DueKind.StartStep && setting == RouteSetting.WinterContainer && plan.IsSownAt(due.Step),
            due.Kind == DueKind.StartStep && (step.Optional || (step.Kind == StepKind.HardenOff && NeedsNoHardening(species, where)))
        );
    }

    /// <summary>Done without a hand on seed, mix or plant: no caution belongs to it.</summary>
    private static bool IsLookedOver(DueKind kind) =>
        kind
            is DueKind.CountSeedlings
                or DueKind.LookForTrueLeaves
                or DueKind.LookForReturn
                or DueKind.LookAgain
                or DueKind.WinterLook
                or DueKind.EndWinter
                or DueKind.TakeHeight
                or DueKind.TakeDomeOff
                or DueKind.CarryOut
                or DueKind.Feed
                or DueKind.EndStep
                or DueKind.EndSecondCold
                or DueKind.StrawMostOff
                or DueKind.StrawRestOff;

    private static int Lateness(StandingPart part, DateOnly today) =>
        part.Due.Count == 0 ? int.MinValue : part.Due.Max(d => today.DayNumber - d.Due.DueOn.DayNumber);
}
