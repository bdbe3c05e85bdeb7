using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Species;

/// <param name="Method">Null where the step is forbidden whatever the method.</param>
public sealed record ForbiddenStep(StepKind Kind, ScarifyMethod? Method, string Why)
{
    internal static IEnumerable<ForbiddenStep> For(Core.Treatments.Species species) =>
        from step in Enum.GetValues<StepKind>()
            .Select(kind => new RouteStep(kind, default))
            .Append(new RouteStep(StepKind.Scarify, default, Method: ScarifyMethod.HotWater))
        let why = RouteRules.Forbidden(species, step)
        where why is not null
        select new ForbiddenStep(step.Kind, step.Method, why);
}
