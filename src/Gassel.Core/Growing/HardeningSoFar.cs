using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Growing;

/// <summary>The hardening off of a part: the days that were, and those to come by the outlook.</summary>
public static class HardeningSoFar
{
    /// <summary>Null outside that step.</summary>
    /// <param name="outlook">By day; those it does not know are taken as fair.</param>
    public static HardeningPlan? Of(
        BatchPlan plan,
        PartState part,
        Species species,
        IReadOnlyDictionary<DateOnly, YardDay> outlook,
        DateOnly today
    )
    {
        if (part.Open is not { } open || plan.Steps[open.Step].Step.Kind != StepKind.HardenOff)
            return null;
        var done = part.DaysOutOf(open).ToDictionary(d => d.On, d => d.Hours);
        var skipped = new HashSet<DateOnly>();
        for (var date = open.Start; date < today; date = date.AddDays(1))
        {
            if (!done.ContainsKey(date))
                skipped.Add(date);
        }
        return HardeningPlan.Of(
            open.Start,
            HardeningPlan.Length(plan.Steps[open.Step].PlannedDays),
            IsTender(species.Hardiness),
            outlook,
            skipped,
            done
        );
    }

    /// <summary>Half-hardy plants are taken in with the tender ones (our assumption).</summary>
    public static bool IsTender(SeedlingHardiness hardiness) => hardiness is SeedlingHardiness.HalfHardy or SeedlingHardiness.Tender;
}
