using Gassel.Core.Planning;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Plan;

/// <summary>A route step with its dates and what to mind at it.</summary>
public sealed record PlanStepView(RouteStep Step, ScheduledStep Dates, IReadOnlyList<Caution> Cautions);

/// <summary>Another route of the species under the same wish. What it costs or gains in seedlings is unknown until own results say.</summary>
/// <param name="TreatmentDays">From the first step to sowing.</param>
public sealed record RouteOutlook(
    string RouteId, string Name, DateWindow Start, DateWindow Finish, bool Feasible, int ShortfallDays, DurationRange TreatmentDays);

/// <param name="Routes">Every route of the species, the one planned with among them.</param>
/// <param name="SeedsShort">Seeds that the lot lacks for this plan; 0 if it has enough.</param>
public sealed record PlanView(
    Anchor Anchor,
    Schedule Schedule,
    IReadOnlyList<PlanStepView> Steps,
    SeedsNeededResult Seeds,
    int SeedsLeft,
    int SeedsShort,
    string RouteId,
    IReadOnlyList<RouteOutlook> Routes,
    string Origin);
