using System.Collections.Concurrent;
using Gassel.Core;
using Gassel.Core.Germination;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Learning;

/// <summary>What the cold of a route does, by own finished batches; reckoned once as long as these stay the same.</summary>
internal sealed class ColdLessons
{
    private const int Points = 9;

    private readonly ConcurrentDictionary<
        (string Species, string Route),
        (string Mark, ColdLearned Learned, ColdQuestions Questions)
    > _kept = [];

    /// <summary>Null for a route without cold-moist, and where no batch of it is over.</summary>
    /// <param name="others">Batches of the route in other nurseries.</param>
    public ColdLearned? Of(
        string species,
        Core.Treatments.Route route,
        IReadOnlyList<FinishedBatch> finished,
        IReadOnlyList<OthersColds> others
    ) => Known(species, route, finished, others)?.Learned;

    /// <summary>What may be asked of a cold under way; null as there.</summary>
    /// <param name="all">Of any species.</param>
    public ColdQuestions? Questions(
        string species,
        Core.Treatments.Route route,
        IReadOnlyList<FinishedBatch> all,
        IReadOnlyList<OthersColds> others
    ) => Known(species, route, OfRoute(species, route, all), others)?.Questions;

    private static List<FinishedBatch> OfRoute(string species, Core.Treatments.Route route, IReadOnlyList<FinishedBatch> all) =>
        [.. all.Where(f => f.Result.SpeciesId == species && f.Result.RouteId == route.Id)];

    private (ColdLearned Learned, ColdQuestions Questions)? Known(
        string species,
        Core.Treatments.Route route,
        IReadOnlyList<FinishedBatch> finished,
        IReadOnlyList<OthersColds> others
    )
    {
        var steps = route.Steps.Where(s => s.Kind == StepKind.ColdMoist).Select(s => s.Days).ToList();
        // one that was last counted while more could come up, or had an accident, does not tell what its cold did
        List<ColdLearnedBatch> batches =
        [
            .. finished
                .Where(f => f.Result is { AtLeast: false, Accident: null })
                .Select(f => new ColdLearnedBatch(f.Batch.Row.Number, f.Result.ColdDays, f.Result.Seeds, f.Result.Germinated))
                .OrderBy(b => b.Number),
        ];
        if (steps.Count == 0 || batches.Count == 0)
            return null;
        DurationRange cold = new(steps.Sum(d => d.Shortest), steps.Sum(d => d.Usual), steps.Sum(d => d.Longest));
        var mark = $"{cold} {string.Join(' ', batches)} {string.Join(' ', others.SelectMany(o => o.Batches.Select(b => (o.Nursery, b))))}";
        if (_kept.TryGetValue((species, route.Id), out var kept) && kept.Mark == mark)
            return (kept.Learned, kept.Questions);
        List<ColdBatch> given = [.. batches.Select(b => new ColdBatch(b.ColdDays, b.Seeds, b.Germinated))];
        List<ColdElsewhere> elsewhere = [.. others.Select(ColdElsewhere.From).OfType<ColdElsewhere>()];
        var (learned, questions) = (Of(cold, batches, given, elsewhere), new ColdQuestions(given, elsewhere));
        _kept[(species, route.Id)] = (mark, learned, questions);
        return (learned, questions);
    }

    /// <summary>The line through them; null where they do not tell what the cold does.</summary>
    public ColdLine? Line(
        string species,
        Core.Treatments.Route route,
        IReadOnlyList<FinishedBatch> all,
        IReadOnlyList<OthersColds> others
    ) =>
        Of(species, route, OfRoute(species, route, all), others) is { Speaks: true, Curve.Count: > 1 } told
            ? new(told.Curve, told.Batches.Count)
            : null;

    private static ColdLearned Of(
        DurationRange cold,
        List<ColdLearnedBatch> batches,
        List<ColdBatch> given,
        IReadOnlyList<ColdElsewhere> elsewhere
    )
    {
        List<double> colds = [.. given.Concat(elsewhere.SelectMany(e => e.Of.Batches)).Select(b => b.ColdDays)];
        var (least, most) = (colds.Min(), colds.Max());
        var at =
            colds.Count < ColdEffectFit.LeastBatches
                ? []
                : Enumerable.Range(0, Points).Select(i => least + (most - least) * i / (Points - 1.0)).ToList();
        var effect = ColdEffectFit.Fit(given, at, cold.Usual, cold.Shortest, elsewhere: elsewhere);
        var trial = ColdTrial.Cheapest(given, cold, effect);
        return new(
            [.. effect.At.Where(p => p.Mean is not null)],
            batches,
            effect.Speaks,
            Words(cold, effect, batches.Count, elsewhere),
            trial is null ? null : Words(trial),
            null,
            [.. effect.Working, .. trial?.Working ?? []]
        );
    }

    private static string Words(DurationRange cold, ColdEffect effect, int batches, IReadOnlyList<ColdElsewhere> elsewhere)
    {
        var by =
            Text.Of($"by {batches} {(batches == 1 ? "batch" : "batches")} of your own")
            + (elsewhere.Count == 0 ? "" : $" and what a day of cold does at {string.Join(", ", elsewhere.Select(e => e.Of.Nursery))}");
        if (!effect.Speaks)
            return Text.Of($"What the cold does cannot be told yet. {effect.Reason}");
        if (effect.Loss is not { Difference: { } lost, Low: { } low, High: { } high } || cold.Usual == cold.Shortest)
            return Text.Of($"More cold brings {(effect.B > 0 ? "more" : "fewer")} up, {by}.");
        var (from, to) = lost >= 0 ? (low, high) : (-high, -low);
        return Text.Of(
            $"{cold.Shortest} instead of {cold.Usual} days of cold {(lost >= 0 ? "cost" : "gain")} about {InPoints(Math.Abs(lost))} points "
                + $"of germination ({InPoints(from)} to {InPoints(to)}), {by}."
        );
    }

    private static string InPoints(double share) => Text.Of($"{share * 100:0}");

    private static string Words(ColdTrial trial)
    {
        var batches = trial.Levels.Sum(l => l.Batches);
        var each = string.Join(", ", trial.Levels.Select(l => Text.Of($"{l.Batches} with {l.ColdDays} days")));
        return Text.Of(
            $"{(trial.IsEnough ? "Enough to tell" : "May still not tell, but would say more")}: {batches} more "
                + $"{(batches == 1 ? "batch" : "batches")} of {trial.SeedsEach} seeds, {each} of cold."
        );
    }
}
