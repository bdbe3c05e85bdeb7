using Gassel.Core.Planning;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Hosting;

namespace Gassel.Web.Features.Species;

/// <param name="Explained">The dormancy class in a sentence.</param>
/// <param name="Routes">What follows from each route, in the order of the species' routes.</param>
public sealed record SpeciesView(Core.Treatments.Species Species, string Explained, IReadOnlyList<RouteFacts> Routes);

/// <param name="StepCautions">Cautions for each step.</param>
/// <param name="TreatmentDays">From the first step to sowing.</param>
/// <param name="SowIfStartedToday">When it could be sown.</param>
public sealed record RouteFacts(
    string RouteId, IReadOnlyList<IReadOnlyList<Caution>> StepCautions, DurationRange TreatmentDays, DateWindow SowIfStartedToday);

internal static class SpeciesEndpoints
{
    public static void MapSpecies(this RouteGroupBuilder api) => api.MapGet("/species", async (Library library, SiteClock clock) =>
        (await library.Species()).Select(s => View(s, clock.Today)).ToList());

    private static SpeciesView View(Core.Treatments.Species species, DateOnly today) => new(
        species,
        species.DormancyClass.Sentence(species.Depth),
        [.. species.Routes.Select(r => Facts(species, r, today))]);

    private static RouteFacts Facts(Core.Treatments.Species species, Core.Treatments.Route route, DateOnly today)
    {
        var days = TreatmentTime.BeforeSowing(route);
        return new(route.Id, [.. route.Steps.Select(s => Cautions.For(species.Hazard, s))], days,
            new(today.AddDays(days.Shortest), today.AddDays(days.Usual), today.AddDays(days.Longest)));
    }
}
