using Gassel.Core.Fold;
using Gassel.Core.Germination;
using Gassel.Core.Growing;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Seed;
using Gassel.Core.Treatments;

namespace Gassel.Core.Diagnosis;

/// <summary>All that is on record of a sown part, for the rules to look at.</summary>
/// <param name="Expected">Share expected to come up; null where nobody knows.</param>
/// <param name="Colds">Its spells of cold, in order.</param>
/// <param name="Days">From sowing, or from the end of the cold for seed sown outdoors, up to yesterday.</param>
/// <param name="Lot">Null where it is not known any more.</param>
/// <param name="Alive">Share of the lot taken to be alive; null with it.</param>
/// <param name="OnMat">It stands on a heat mat.</param>
/// <param name="Lamps">Of its place; null for none.</param>
public sealed record GerminationGround(
    Species Species,
    BatchPlan Plan,
    PartState Part,
    GerminationResult Result,
    double? Expected,
    IReadOnlyList<ColdSoFar> Colds,
    IReadOnlyList<SownDay> Days,
    SeedLot? Lot,
    double? Alive,
    bool OnMat,
    bool Outdoors,
    Lamps? Lamps,
    DateOnly On
)
{
    public DateOnly SownOn => Part.SownOn!.Value;

    /// <summary>Days since sowing.</summary>
    public int Day => On.DayNumber - SownOn.DayNumber;

    /// <summary>Days since sowing in which seedlings are expected.</summary>
    public DurationRange Window => Plan.DaysToEmergence(Part);

    public IReadOnlyList<CheckRecord> ChecksSinceSowing => [.. Part.Checks.Where(c => c.On >= SownOn)];

    /// <summary>Looks at its water before its first seedling.</summary>
    public IReadOnlyList<WaterLook> WaterBefore => [.. Part.WaterLooks.Where(l => Part.FirstUpOn is not { } up || l.On < up)];

    /// <summary>Its seed lies where one drying is too much.</summary>
    public bool MustNotDry => WaterRegimes.OfSeed(Part, Species).Regime == WaterRegime.NeverDry;

    public IEnumerable<SownDay> Measured => Days.Where(d => d.Source != TemperatureSource.Assumed);

    /// <summary>
    /// Share of what was sown that is up. Seed that was cut open leaves the reckoning of a batch while it is waited for; after its window
    /// it did not come up.
    /// </summary>
    public double Share => (double)Result.Emerged / (Result.Sown + (Day > Window.Longest ? Part.Cut?.Seeds ?? 0 : 0));

    /// <summary>
    /// Share of all that was sown that was alive when the rest was cut open: what came up, and what is full of what did not. Null where too
    /// few were cut to say so.
    /// </summary>
    public double? AliveByCut =>
        Part.Cut is { Seeds: >= CutTest.Enough } cut
            ? (Result.Emerged + ((double)cut.Full / cut.Seeds * (Result.Sown - Result.Emerged + cut.Seeds))) / (Result.Sown + cut.Seeds)
            : null;

    /// <summary>Half of what came up came after this many days; null where fewer than five did.</summary>
    public double? MiddleDay => Result.Emerged >= FewSeedlings ? ObservedWindow.Day(Part.CountsSinceSowing(), 0.5) : null;

    /// <summary>Fewer seedlings have no middle (our assumption).</summary>
    private const int FewSeedlings = 5;

    public int Lost(LossCause cause) => Part.Counts.Where(c => c.Cause == cause).Sum(c => c.Lost);

    /// <summary>The spans of a kind of step, with its place in the route.</summary>
    public IEnumerable<(StepSpan Span, PlannedStep Step)> Spans(StepKind kind) =>
        Part.Spans.Select(s => (s, Plan.Steps[s.Step])).Where(t => t.Item2.Step.Kind == kind);

    public IEnumerable<PlannedStep> Steps(StepKind kind) => Plan.Steps.Where(s => s.Step.Kind == kind);

    /// <summary>Gathers what the rules ask for; null before sowing, or without seed.</summary>
    public static GerminationGround? Of(
        Species species,
        BatchPlan plan,
        PartState part,
        SeedLot? lot,
        ViabilitySchool school,
        IReadOnlyDictionary<string, Place> places,
        IPlaceTemperatures temperatures,
        DateOnly today
    )
    {
        if (part is not { SownOn: { } sown, Seeds: > 0 } || plan.GerminateStep is not { } germinate)
            return null;
        var colds = part
            .Spans.Where(s => plan.Steps[s.Step].Step.Kind == StepKind.ColdMoist)
            .Select(s => ColdSoFar.Of(plan, part, s, places, temperatures, species.ResponseToCold, today))
            .ToList();
        var from = part.Spans.LastOrDefault(s => s.Step == germinate)?.Start ?? sown;
        var days = new PlaceDays(places, temperatures, ColdResponse.Default);
        var sownDays = new List<SownDay>();
        for (var date = from; date < today; date = date.AddDays(1))
        {
            if (part.PlaceOn(date) is not { } place || !places.ContainsKey(place))
                continue;
            var day = days.On(place, date);
            sownDays.Add(new(date, day.Whole.MeanC, day.Whole.MinC, day.Whole.MaxC, day.Source));
        }
        var stands = part.Place is { } id ? places.GetValueOrDefault(id) : null;
        return new(
            species,
            plan,
            part,
            GerminationResult.From(part.Seeds, part.CountsSinceSowing(), drawn: false),
            plan.Forecast?.Mean,
            colds,
            sownDays,
            lot,
            lot is null ? null : LotJudgement.Of(lot, species, plan.Route, school, sown).Alive,
            stands?.Kind == PlaceKind.HeatMat,
            stands?.IsOutdoors == true,
            stands?.Lamps,
            today
        );
    }
}
