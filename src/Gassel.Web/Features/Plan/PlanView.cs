using Gassel.Core.Planning;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Plan;

/// <summary>A route step with its dates and what to mind at it.</summary>
public sealed record PlanStepView(RouteStep Step, ScheduledStep Dates, IReadOnlyList<Caution> Cautions);

/// <param name="SeedsShort">Seeds that the lot lacks for this plan; 0 if it has enough.</param>
public sealed record PlanView(
    Anchor Anchor,
    Schedule Schedule,
    IReadOnlyList<PlanStepView> Steps,
    SeedsNeededResult Seeds,
    int SeedsLeft,
    int SeedsShort,
    string Origin);
