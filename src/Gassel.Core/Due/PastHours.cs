using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Due;

/// <summary>Seed in water whose hour is past: it drowns, or the water goes foul, while the day is not over yet.</summary>
public static class PastHours
{
    /// <param name="now">At the site.</param>
    /// <returns>At most one a part, the first that was due; by the day where the hour was not recorded.</returns>
    public static IEnumerable<DueItem> Of(BatchPlan plan, BatchState state, Species species, DateTimeOffset now)
    {
        var today = DateOnly.FromDateTime(now.DateTime);
        var inWater = state
            .Living.Where(p => p.Open is { } open && plan.Steps[open.Step].Step.Kind is StepKind.Soak or StepKind.Leach)
            .Select(p => p.Id)
            .ToHashSet();
        return inWater.Count == 0
            ? []
            : DueWork
                .For(plan, state, species, today)
                .Where(i => inWater.Contains(i.Part) && (i.DueAt is { } at ? at <= now : i.DueOn < today))
                .DistinctBy(i => i.Part);
    }
}
