using Gassel.Core.Due;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Trials;
using Gassel.Data;

namespace Gassel.Web.Features.Trials;

/// <summary>What sowing an arm by the layout of its trial records, wherever it is asked for.</summary>
internal static class TrialSowingOf
{
    /// <summary>The step with which its seed goes into the plots.</summary>
    public static int Step(BatchPlan plan) =>
        plan.Route.IsOutdoors
            ? Enumerable.Range(0, plan.Steps.Count).Where(plan.IsSownAt).Append(plan.GerminateStep!.Value).First()
            : plan.GerminateStep!.Value;

    public static IReadOnlyList<EntryPayload> Entries(
        TrialDesign design,
        int arm,
        ShelvedBatch batch,
        Core.Treatments.Species species,
        DepthSchool school,
        IReadOnlyList<Place> places
    )
    {
        var (plan, step) = (batch.Plan, Step(batch.Plan));
        var place = UsualPlaces.For(plan.Route.Setting, plan.Steps[step].Step, places)?.Id;
        return plan.Route.IsOutdoors
            ? TrialSowing.SetOut(design, arm, batch.State, step, place, [])
            : TrialSowing.Entries(
                design,
                arm,
                batch.State,
                SowingAdvice.Of(species, plan.Route, school, plan.Forecast?.Mean).Usual(batch.Row.Number, BatchPlan.FirstPart, place)
            );
    }
}
