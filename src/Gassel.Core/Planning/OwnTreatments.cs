using Gassel.Core.Fold;
using Gassel.Core.Germination;
using Gassel.Core.Record;
using Gassel.Core.Seed;
using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <summary>What was done to the seed of finished batches, as the record tells it.</summary>
public static class OwnTreatments
{
    private const double DaysAYear = 365.25;

    /// <summary>
    /// Each batch with its treatments; one that the record does not tell is missing. The winter of seed outdoors is no cold of so many
    /// days: it is given the middling cold of the others, so that cold is told by these alone.
    /// </summary>
    public static IReadOnlyList<TreatedBatch> Of(
        IReadOnlyList<(BatchPlan Plan, BatchState State, OwnResult Result, int LotId, SeedLot Lot)> batches
    )
    {
        var indoors = batches.Where(b => !b.Plan.Route.IsOutdoors).Select(b => (double)b.Result.ColdDays).ToList();
        var middling = indoors.Count > 0 ? indoors.Average() : 0;
        return [.. batches.Select(b => new TreatedBatch(Text.Of($"{b.LotId}"), b.Result.Seeds, b.Result.Germinated, Had(b, middling)))];
    }

    private static Dictionary<TreatmentFactor, double> Had(
        (BatchPlan Plan, BatchState State, OwnResult Result, int LotId, SeedLot Lot) batch,
        double middling
    )
    {
        var (plan, state, result, _, lot) = batch;
        var main = state.Living.MaxBy(p => p.Seeds)!;
        var had = new Dictionary<TreatmentFactor, double>
        {
            [TreatmentFactor.Cold] = plan.Route.IsOutdoors ? middling : result.ColdDays,
            [TreatmentFactor.Outdoors] = plan.Route.IsOutdoors ? 1 : 0,
        };
        Put(TreatmentFactor.Scarified, Done(plan, state, main, StepKind.Scarify));
        Put(TreatmentFactor.Soaked, Done(plan, state, main, StepKind.Soak));
        Put(TreatmentFactor.Light, InLight(main.SownAs));
        if (main.Spans is [var first, ..])
            had[TreatmentFactor.SeedAge] = Math.Max(0, first.Start.DayNumber - lot.GatheredOn.DayNumber) / DaysAYear;
        return had;

        void Put(TreatmentFactor factor, bool? done)
        {
            if (done is { } known)
                had[factor] = known ? 1 : 0;
        }
    }

    /// <summary>Null where the record begins after the step, so that nobody knows.</summary>
    private static bool? Done(BatchPlan plan, BatchState state, PartState part, StepKind kind)
    {
        if (part.Spans.Any(s => plan.Steps[s.Step].Step.Kind == kind))
            return true;
        var begun = part.Spans.Select(s => s.Step).DefaultIfEmpty(0).Min();
        for (var step = 0; step < begun; step++)
        {
            if (plan.Steps[step].Step.Kind == kind && !state.LeftOut.Contains(step))
                return null;
        }
        return false;
    }

    private static bool? InLight(SownAs? sown) =>
        sown switch
        {
            { Cover: { } cover } => cover == SowCover.Surface,
            { DepthMm: { } depth } => depth == 0,
            _ => null,
        };
}
