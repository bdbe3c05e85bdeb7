using Gassel.Core.Planning;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Plan;

/// <summary>A route step with its dates and what to mind at it.</summary>
public sealed record PlanStepView(RouteStep Step, ScheduledStep Dates, IReadOnlyList<Caution> Cautions);
