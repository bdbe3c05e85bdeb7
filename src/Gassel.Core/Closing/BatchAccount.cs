using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Germination;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Closing;

/// <summary>A batch in the books of its season.</summary>
/// <param name="Season">The winter in which it began, by its first year.</param>
/// <param name="Fraction">Of the seed started, less that cut; null before anything was sown, and where nobody counted.</param>
/// <param name="MeanDays">From sowing to emergence, of those that came up; null without any.</param>
/// <param name="Forecast">As it was planned with; null where none was kept.</param>
/// <param name="Within">What happened lies within the forecast; null while it is not over, or without one.</param>
/// <param name="Gestures">Times that hands were on it.</param>
/// <param name="IsOver">Nothing more is awaited of its seed.</param>
public sealed record BatchAccount(
    Guid Id,
    int Number,
    string SpeciesId,
    string CommonName,
    string RouteName,
    RouteSetting Setting,
    int LotId,
    int Season,
    DateOnly StartedOn,
    int Seeds,
    int Germinated,
    double? Fraction,
    double? Low,
    double? High,
    double? MeanDays,
    DateOnly? FirstUpOn,
    PlantTally Plants,
    int PlantsWanted,
    GerminationForecast? Forecast,
    bool? Within,
    int Gestures,
    BatchCost Cost,
    bool IsOver,
    DateOnly? BooksClosedOn
)
{
    /// <summary>Days of moist cold, the mean by seed.</summary>
    public int ColdDays { get; init; }

    /// <summary>Where it was never counted the share is unknown; where it was counted while more could come, a lower bound.</summary>
    public required Counted Counted { get; init; }

    /// <summary>Null for a batch that has not begun.</summary>
    public static BatchAccount? Of(
        Guid id,
        int number,
        Species species,
        int lot,
        Seed.SeedLot? seed,
        BatchPlan plan,
        BatchState state,
        IReadOnlyList<Entry> entries,
        IReadOnlyDictionary<string, Place> places,
        CostAssumptions costs,
        bool south,
        DateOnly today
    )
    {
        var started = state.Parts.SelectMany(p => p.Spans).Select(s => (DateOnly?)s.Start).Min();
        if (!state.Started || started is not { } from)
            return null;
        var sown = state.Living.Where(p => p.SownOn is not null).ToList();
        var germination = BatchGermination.From(plan, state);
        var up = sown.SelectMany(p => p.Counts.Where(c => c.Emerged > 0)).ToList();
        var gestures = BatchWork.Gestures(entries);
        var over = sown.Count > 0 && state.IsSeedOver(plan);
        var counted = SeedCounted.Of(plan, state);
        var known = sown.Count > 0 && counted != Counted.Never;
        var fraction = known ? germination?.Fraction : null;
        return new(
            id,
            number,
            species.Id,
            species.CommonName,
            plan.Route.Name,
            plan.Route.Setting,
            lot,
            Winters.Of(from, south),
            from,
            state.SeedsStarted - state.SeedsCut,
            state.Germinated,
            fraction,
            known ? germination?.Low : null,
            known ? germination?.High : null,
            MeanDaysOf(sown),
            up.Count == 0 ? null : up.Min(u => u.On),
            state.Plants,
            plan.Plants,
            plan.Forecast,
            over && counted == Counted.Whole && fraction is { } f && plan.Forecast is { } forecast
                ? f >= forecast.Low && f <= forecast.High
                : null,
            gestures,
            BatchCost.Of(plan, state, places, costs, seed, costs.Bought(species.Id), gestures, today),
            over,
            state.BooksClosedOn
        )
        {
            ColdDays = Cold(plan, state, today),
            Counted = counted,
        };
    }

    /// <summary>Null without seedlings, and where a first count found too many to say when they came.</summary>
    private static double? MeanDaysOf(List<PartState> sown)
    {
        double days = 0;
        var seedlings = 0;
        foreach (var part in sown.Where(p => p.Emerged > 0))
        {
            var counts = part.CountsSinceSowing();
            if (ObservedTimes.Of(counts, GerminationIndices.From(part.Seeds, counts)).Mean is not { } mean)
                return null;
            (days, seedlings) = (days + (mean * part.Emerged), seedlings + part.Emerged);
        }
        return seedlings == 0 ? null : days / seedlings;
    }

    private static int Cold(BatchPlan plan, BatchState state, DateOnly today)
    {
        var seeds = state.Living.Sum(p => (double)p.Seeds);
        return seeds == 0
            ? 0
            : (int)
                Math.Round(
                    state.Living.Sum(p =>
                        p.Seeds
                        * (double)
                            p
                                .Spans.Where(s => plan.Steps[s.Step].Step.Kind == StepKind.ColdMoist)
                                .Sum(s => (s.End ?? today).DayNumber - s.Start.DayNumber)
                    ) / seeds
                );
    }
}
