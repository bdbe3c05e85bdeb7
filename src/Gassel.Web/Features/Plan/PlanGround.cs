using Gassel.Core;
using Gassel.Core.Climate;
using Gassel.Core.Germination;
using Gassel.Core.Growing;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Seed;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.Learning;
using Gassel.Web.Features.Seed;
using Gassel.Web.Features.Site;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Plan;

/// <summary>One wish with everything it rests on, looked up and checked.</summary>
internal sealed record PlanGround(
    PlanRequest Request,
    Core.Treatments.Species Species,
    Core.Treatments.Route Route,
    KeptLot Lot,
    Anchor Anchor,
    DateOnly Today,
    ViabilitySchool School,
    IReadOnlyList<FinishedBatch> Finished
)
{
    public StageSurvival Survival => Request.Stages ?? StageSurvival.Assumed;

    public int Containers => Request.Containers ?? PlanAssumptions.Containers;

    /// <summary>What other nurseries' packages told; empty for none.</summary>
    public IReadOnlyList<KeptEvidence> Evidence { get; init; } = [];

    /// <summary>What own batches tell of cold.</summary>
    public required ColdLessons Cold { get; init; }

    /// <summary>First frost of autumn, <c>MM-dd</c>; null where nobody said.</summary>
    public string? FirstFrost { get; init; }

    /// <summary>Usual last frost, <c>MM-dd</c>; null where nobody said.</summary>
    public string? LastFrost { get; init; }

    /// <summary>When plants of that schedule first flower.</summary>
    public string Flowers(Schedule schedule)
    {
        var (start, end) = Route.Steps.Zip(schedule.Laid()).Single(s => s.First.Kind == StepKind.Germinate).Second;
        return Flowering.Words(Species, start, end, LastFrost);
    }

    /// <summary>
    /// The wish; but a bed is sown after the first killing frost rather than by days counted back, where that frost is known (a school;
    /// common practice, no source).
    /// </summary>
    public Anchor AnchorOf(Core.Treatments.Route route)
    {
        if (!GoesByFrost(route) || FirstFrost is not { } frost)
            return Anchor;
        // a bed can still be sown for some weeks after that frost
        var day = Days.Later(YearDay.Next(frost, Today.AddDays(-StillSownDays)), Today);
        return new(AnchorEvent.Start, day.AddDays(-route.Steps.TakeWhile(s => s.Kind != StepKind.ColdMoist).Sum(s => s.Days.Usual)));
    }

    /// <summary>A bed of one winter whose day of sowing nobody told by hand.</summary>
    public bool GoesByFrost(Core.Treatments.Route route) =>
        route.Setting == RouteSetting.AutumnBed
        && Anchor.Event is not (AnchorEvent.Start or AnchorEvent.Sow)
        && route.Steps.All(s => s.Kind != StepKind.WarmMoist);

    /// <summary>Our assumption: until the ground freezes.</summary>
    private const int StillSownDays = 42;

    public Schedule Schedule(Core.Treatments.Route route, Anchor? anchor = null) =>
        Scheduler.Plan(
            anchor ?? AnchorOf(route),
            Today,
            [.. route.Steps.Select(s => new ScheduleStep(s.Kind, s.Days, s.Optional, s.Note))]
        );

    private readonly Dictionary<string, LotJudgement> _judged = [];

    /// <summary>The lot under a route, with what own batches of that route say.</summary>
    public LotJudgement Judged(Core.Treatments.Route route)
    {
        if (!_judged.TryGetValue(route.Id, out var judged))
        {
            _judged[route.Id] = judged = LotJudgement.Of(
                Lot.Lot,
                Species,
                route,
                School,
                Today,
                OwnBatches.Past(Finished, Species.Id, route.Id, Today.AddDays(1)),
                EvidenceBook.Of(Evidence, Species, route)
            );
        }
        return judged;
    }

    /// <summary>What a batch of so many seeds is expected to do, as wide as earlier forecasts of the book ask for.</summary>
    public GerminationForecast Forecast(Core.Treatments.Route route, int seeds)
    {
        var kept = Finished.SelectMany(f => f.Forecasts).Where(f => f.Kind == ForecastKind.Germination).ToList();
        return Judged(route).Forecast(seeds).Widen(kept.Count == 0 ? 1 : ForecastScore.Of(kept).Applied);
    }

    /// <summary>What own sowings tell of the warmth it comes up with, where Gassel goes by it.</summary>
    public WarmthLearned? Warmth { get; init; }

    /// <summary>Days to seedlings by it; null outdoors, and where they go by the route.</summary>
    public DurationRange? OwnDays => EmergenceDays.By(Warmth, Species, Route);

    public LotOutlook Outlook(Core.Treatments.Route route) => LotOutlook.Of(route, Judged(route));

    public SeedsQuestion Question(Core.Treatments.Route route) =>
        new(
            Request.Plants,
            Judged(route).Germination,
            Survival.Total,
            Request.Confidence ?? PlanAssumptions.Confidence,
            Request.SeedsPerCell,
            Request.CellsPerTray ?? PlanAssumptions.CellsPerTray,
            Request.WholeContainerLoss ?? PlanAssumptions.WholeContainerLoss,
            Containers
        );

    /// <summary>Routes that rest on the same germination ask the same question; it is answered once.</summary>
    private readonly Dictionary<SeedsQuestion, SeedsNeededResult> _answered = [];

    public SeedsNeededResult Seeds(Core.Treatments.Route route)
    {
        var question = Question(route);
        if (!_answered.TryGetValue(question, out var result))
            _answered[question] = result = CellFillings.Need(question, Request.Practice);
        return result with
        {
            Working = [.. result.Working, Survival.Words + (Request.Stages is null ? " The shares are our assumption." : "")],
        };
    }

    /// <summary>Room that the plan takes with its days as they would be lived.</summary>
    public IReadOnlyList<SpaceTaken> Space(Core.Treatments.Route route, Schedule schedule, SeedsNeededResult seeds, Room room)
    {
        var trays = seeds.Cells?.Trays ?? ShelfSpace.Trays(seeds.Seeds ?? Request.Plants);
        return ShelfSpace.Of(route.Setting, route.Steps.Zip(schedule.Laid(), (s, d) => (s, d.Start, d.End)), trays, Containers, room.Near);
    }

    public Expectation Expect(IReadOnlyList<OwnResult> own, Core.Treatments.Route route, int coldDays, int? seeds) =>
        OwnResults.Expect(
            own,
            Species.Id,
            route.Id,
            coldDays,
            route.Treatment.Where(s => s.Kind == StepKind.ColdMoist && !s.Optional).Sum(s => s.Days.Shortest),
            seeds ?? Request.Plants,
            Survival.Total,
            Cold.Line(Species.Id, route, Finished, EvidenceBook.ColdOf(Evidence, Species, route))
        );

    public static int ColdDays(Core.Treatments.Route route) =>
        route.Treatment.Where(s => s.Kind == StepKind.ColdMoist).Sum(s => s.Days.Usual);

    public static async Task<(PlanGround? Ground, Refusal? Refusal)> Stand(PlanRequest request, PlanBooks books)
    {
        var today = books.Clock.Today;
        if (CheckWish(request) is { } refusal)
            return (null, refusal);
        var species = (await books.Library.Species()).SingleOrDefault(s => s.Id == request.SpeciesId);
        if (species is null)
            return (null, Refusal.NotFound("speciesId", request.SpeciesId, "Choose a species of the library."));
        var route = request.RouteId is null ? species.Routes[0] : species.Routes.SingleOrDefault(r => r.Id == request.RouteId);
        if (route is null)
            return (
                null,
                Refusal.NotFound("routeId", request.RouteId!, $"Choose one of {string.Join(", ", species.Routes.Select(r => r.Id))}.")
            );
        var lot = request.LotId is { } wanted ? await books.Lots.Find(wanted) : ToBeFound(species.Id, today);
        if (lot is null)
            return (null, Refusal.NotFound("lotId", request.LotId!, "Choose one of the lots on Seed."));
        if (lot.SpeciesId != species.Id)
            return (null, new("lotId", $"Lot {lot.Id} is not of {species.ScientificName}; choose a lot of this species."));
        if (request.Place is { } place && (await books.Library.Places()).All(p => p.Id != place))
            return (null, Refusal.NotFound("place", place, "Choose one of the places on Site."));
        if (AnchorOf(request) is not { Anchor: { } anchor } found)
            return (null, AnchorOf(request).Refusal);
        return (
            new(request, species, route, lot, anchor, today, books.Clock.Settings.ViabilitySchool, await books.Own.All())
            {
                LastFrost = books.FrostDays.FirstOrDefault(d => d.Kind == FrostDayKind.LastFrostUsual)?.MonthDay,
                Evidence = await books.Evidence.All(),
                Cold = books.Cold,
                Warmth = (await books.Warmth.Of(species))?.Used,
                FirstFrost = books.FrostDays.FirstOrDefault(d => d.Kind == FrostDayKind.FirstFrostUsual)?.MonthDay,
            },
            null
        );
    }

    /// <summary>Seed that nobody has yet: gathered today, as much of it as anybody could sow.</summary>
    private static KeptLot ToBeFound(string species, DateOnly today) =>
        new(0, species, new SeedLot("seed to be found", today, SeedsNeeded.MaxSeeds, Permission: "to be asked"), 0);

    /// <summary>The plan is made on seed that is still to be found.</summary>
    public bool SeedToFind => Request.LotId is null;

    private static (Anchor? Anchor, string Field, Refusal? Refusal) AnchorOf(PlanRequest request)
    {
        (Anchor?, string, Refusal?) At(string field, DateOnly day, Refusal? refusal) =>
            refusal is null ? (new(request.Target, day), field, null) : (null, field, refusal);
        if (request.Date is { } date)
            return At("date", date, Limits.Day("date", date));
        if (request.GroundFreeze is { } freeze)
        {
            var before = request.WeeksBeforeFreeze ?? PlanAssumptions.WeeksBeforeFreeze;
            var fault = Limits.Day("groundFreeze", freeze) ?? Limits.Whole("weeksBeforeFreeze", before, 0, 26);
            return At("groundFreeze", fault is null ? freeze.AddDays(-7 * before) : freeze, fault);
        }
        if (request.LastFrost is not { } frost)
            return (null, "lastFrost", new("lastFrost", "Either date, lastFrost with weeksFromLastFrost, or groundFreeze is needed."));
        if (request.WeeksFromLastFrost is not { } weeks)
        {
            return (
                null,
                "weeksFromLastFrost",
                new("weeksFromLastFrost", "weeksFromLastFrost is needed with lastFrost; valid is a whole number from -52 to 104.")
            );
        }
        var wrong = Limits.Day("lastFrost", frost) ?? Limits.Whole("weeksFromLastFrost", weeks, -52, 104);
        return At("lastFrost", wrong is null ? frost.AddDays(7 * weeks) : frost, wrong);
    }

    private static Refusal? CheckWish(PlanRequest request) =>
        Limits.Whole("plants", request.Plants, 1, 1_000_000)
        ?? (
            request.Stages is { } s
                ? Limits.Open("stages.toPot", s.ToPot, 0, 1, includeMax: true)
                    ?? Limits.Open("stages.toHardened", s.ToHardened, 0, 1, includeMax: true)
                    ?? Limits.Open("stages.toPlanted", s.ToPlanted, 0, 1, includeMax: true)
                : null
        )
        ?? Limits.Text("name", request.Name, 60, required: false)
        ?? Limits.Confidence("confidence", request.Confidence ?? PlanAssumptions.Confidence)
        ?? Limits.Whole("seedsPerCell", request.SeedsPerCell ?? 1, 1, 50)
        ?? (
            request is { Practice: not null, SeedsPerCell: null }
                ? new Refusal("seedsPerCell", "A practice for cells needs seedsPerCell; valid is 1 to 50.")
                : null
        )
        ?? Limits.Whole("cellsPerTray", request.CellsPerTray ?? PlanAssumptions.CellsPerTray, 1, 1000)
        ?? Limits.Number("wholeContainerLoss", request.WholeContainerLoss ?? PlanAssumptions.WholeContainerLoss, 0, 0.99)
        ?? Limits.Whole("containers", request.Containers ?? PlanAssumptions.Containers, 1, SeedsNeeded.MaxContainers)
        ?? (
            request.Second is { } second
                ? Limits.Whole("second.weeksLater", second.WeeksLater, 1, 26)
                    ?? Limits.Open("second.firstShare", second.FirstShare ?? 0.5, 0, 1)
                : null
        );
}
