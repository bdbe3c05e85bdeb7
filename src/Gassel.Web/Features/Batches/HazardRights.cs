using Gassel.Core.Due;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Batches;

/// <summary>
/// What the hazard of the seed and its kind forbid, also where it is sent by hand past the screens. No conflict to be kept: it must not be
/// done.
/// </summary>
internal static class HazardRights
{
    /// <summary>Null where nothing forbids it.</summary>
    public static Refusal? Check(string at, Core.Treatments.Species species, BatchPlan plan, EntryPayload payload) =>
        payload switch
        {
            StepStarted p
                when p.Step >= 0 && p.Step < plan.Steps.Count && RouteRules.Forbidden(species, plan.Steps[p.Step].Step) is { } why => new(
                $"{at}.step",
                why
            ),
            Check { Care: { } care }
                when care.Select(c => BagCares.Forbidden(species.Hazard, c)).FirstOrDefault(w => w is not null) is { } why => new(
                $"{at}.care",
                why
            ),
            Sown { Vessel: { } vessel } when SowingAdvice.Forbidden(species, vessel.Kind) is { } why => new($"{at}.vessel.kind", why),
            WaterChanged when RouteRules.Forbidden(species, new(StepKind.Soak, default)) is { } why => new($"{at}.kind", why),
            _ => null,
        };
}
