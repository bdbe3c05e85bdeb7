using Gassel.Core.Planning;
using Gassel.Core.Seed;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Species;

/// <param name="StepCautions">Cautions for each step.</param>
/// <param name="TreatmentDays">From the first step to sowing.</param>
/// <param name="ToPlantable">From sowing to a plantable plant.</param>
/// <param name="TestTreatment">What tested seed must have had for the test to stand in for the route.</param>
/// <param name="SowIfStartedToday">When it could be sown; for a route outdoors, when it could come up.</param>
public sealed record RouteFacts(
    string RouteId,
    IReadOnlyList<IReadOnlyList<Caution>> StepCautions,
    DurationRange TreatmentDays,
    DurationRange ToPlantable,
    DateWindow SowIfStartedToday,
    IReadOnlyList<GivenStep> TestTreatment
)
{
    internal static RouteFacts Of(Core.Treatments.Species species, Core.Treatments.Route route, DateOnly today)
    {
        var days = TreatmentTime.BeforeSowing(route);
        return new(
            route.Id,
            [.. route.Steps.Select(s => Cautions.For(species.Hazard, s, route.Setting))],
            days,
            TreatmentTime.ToPlantable(route),
            new(today.AddDays(days.Shortest), today.AddDays(days.Usual), today.AddDays(days.Longest)),
            Core.Seed.TestTreatment.Of(route)
        );
    }
}
