using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>Says how far counting went, for everything that learns from results or shows them.</summary>
public static class SeedCounted
{
    public static Counted Of(BatchPlan plan, PartState part)
    {
        if (part.Counts.Count == 0 && part.Sprouted == 0 && part.Rooted == 0)
            return Counted.Never;
        if (part.Germinated >= part.Seeds)
            return Counted.Whole;
        if (part.SownOn is not { } sown || part.Counts.Count == 0 || plan.GerminateStep is null)
            return Counted.SoFar;
        return part.ClosedOn is not null || part.Counts.Max(c => c.On) >= sown.AddDays(plan.DaysToEmergence(part).Longest)
            ? Counted.Whole
            : Counted.SoFar;
    }

    /// <summary>Over all parts that hold seed: one that was never counted makes the sum of the others a lower bound.</summary>
    public static Counted Of(BatchPlan plan, BatchState state)
    {
        var parts = state.Living.Where(p => p.Seeds > 0).Select(p => Of(plan, p)).ToList();
        return parts.TrueForAll(c => c == Counted.Never) ? Counted.Never
            : parts.TrueForAll(c => c == Counted.Whole) ? Counted.Whole
            : Counted.SoFar;
    }
}
