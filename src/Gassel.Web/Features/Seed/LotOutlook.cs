using Gassel.Core.Seed;

namespace Gassel.Web.Features.Seed;

/// <summary>What a lot promises under one route.</summary>
/// <param name="Rate">Share that a plan reckons with.</param>
/// <param name="Alive">Share taken to be alive.</param>
public sealed record LotOutlook(
    string RouteId,
    string RouteName,
    GerminationBasis Basis,
    double Rate,
    double Alive,
    IReadOnlyList<LotWarning> Warnings,
    IReadOnlyList<string> Working
)
{
    internal static LotOutlook Of(
        SeedLot lot,
        Core.Treatments.Species species,
        Core.Treatments.Route route,
        ViabilitySchool school,
        DateOnly today
    )
    {
        return Of(route, LotJudgement.Of(lot, species, route, school, today));
    }

    internal static LotOutlook Of(Core.Treatments.Route route, LotJudgement judged)
    {
        return new(route.Id, route.Name, judged.Basis, judged.Germination.ObservedRate, judged.Alive, judged.Warnings, judged.Working);
    }
}
