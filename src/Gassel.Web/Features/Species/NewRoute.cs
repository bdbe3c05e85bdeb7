using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Problems;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Species;

/// <summary>A new route, or the next version of one. Versions there are stay as they are: batches were planned with them.</summary>
internal static class NewRoute
{
    /// <summary>Puts it into the library, to be saved by the caller.</summary>
    /// <param name="routeId">Of the route that gets a version; null for a new one.</param>
    /// <param name="draft">Checked in itself.</param>
    public static async Task<(Core.Treatments.Route? Route, Refusal? Refusal)> Put(
        GasselDb db,
        Core.Treatments.Species species,
        string? routeId,
        RouteDraft draft
    )
    {
        var known = await db.Routes.Where(r => r.SpeciesId == species.Id).ToListAsync(CancellationToken.None);
        if (routeId is not null && known.All(r => r.Id != routeId))
            return (null, Refusal.NotFound("routeId", routeId, $"Choose one of {string.Join(", ", known.Select(r => r.Id).Distinct())}."));
        var here = routeId ?? Slug.Free($"{species.Id}-{draft.Name}", known.Select(r => r.Id));
        var versions = known.Where(r => r.Id == here).ToList();
        var route = draft.ToRoute(here, versions.Count == 0 ? 1 : versions.Max(r => r.Version) + 1);
        if (RouteRules.Check(species, route) is [var first, ..])
            return (null, new($"steps[{first.Step}]", first.Why));
        if (species.Routes.Any(r => r.Id != here && string.Equals(r.Name, route.Name, StringComparison.OrdinalIgnoreCase)))
            return (null, new("name", $"Another route of this species is called '{route.Name}'; give this one a name of its own."));
        db.Routes.Add(
            new()
            {
                Id = here,
                Version = route.Version,
                SpeciesId = species.Id,
                Body = CoreJson.Write(route),
                Position = versions.Count > 0 ? versions[0].Position : known.Max(r => r.Position) + 1,
            }
        );
        return (route, null);
    }
}
