using Gassel.Core.Treatments;
using Gassel.Data;

namespace Gassel.Web.Features.Species;

/// <param name="Explained">The dormancy class in a sentence.</param>
/// <param name="StepCautions">Cautions for each step of each route, in the order of the routes and their steps.</param>
public sealed record SpeciesView(Core.Treatments.Species Species, string Explained, IReadOnlyList<RouteCautions> StepCautions);

public sealed record RouteCautions(string RouteId, IReadOnlyList<IReadOnlyList<Caution>> Steps);

internal static class SpeciesEndpoints
{
    public static void MapSpecies(this RouteGroupBuilder api) => api.MapGet("/species", async (Library library) =>
        (await library.Species()).Select(View).ToList());

    private static SpeciesView View(Core.Treatments.Species species) => new(
        species,
        species.DormancyClass.Sentence(species.Depth),
        [.. species.Routes.Select(r => new RouteCautions(r.Id, [.. r.Steps.Select(s => Cautions.For(species.Hazard, s.Kind))]))]);
}
