using Gassel.Core;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data;

/// <summary>What every new book holds: starter species and places. Starter species of an older Gassel get the newer values, beside
/// the grower's own, which stay; routes of a version that is there already stay, for batches were planned with them.</summary>
public static class StarterBook
{
    /// <summary>Goes up whenever the starter values change; kept in the file as <c>user_version</c>.</summary>
    public const int Version = 6;

    public static async Task Fill(GasselDb db)
    {
        var known = await db.Species.Include(s => s.Routes).ToDictionaryAsync(s => s.Id);
        foreach (var starter in StarterLibrary.All.Select(ToRow))
        {
            if (known.Values.Any(k => k.Body is null && IsOwn(k, starter)))
                continue;
            if (!known.TryGetValue(starter.Id, out var row))
            {
                db.Species.Add(starter);
                continue;
            }
            row.Body = starter.Body;
            // after the grower's own routes, so that the first stays the first
            var position = row.Routes.Select(r => r.Position).DefaultIfEmpty(-1).Max();
            foreach (var route in starter.Routes.Where(r => !row.Routes.Any(k => k.Id == r.Id && k.Version >= r.Version)))
            {
                route.Position = row.Routes.FirstOrDefault(k => k.Id == route.Id)?.Position ?? ++position;
                row.Routes.Add(route);
            }
        }
        var places = await db.Places.ToDictionaryAsync(p => p.Id);
        var last = places.Values.Select(p => p.Position).DefaultIfEmpty(-1).Max();
        foreach (var starter in UsualPlaces.Starter)
        {
            if (places.TryGetValue(starter.Id, out var place))
                place.Exposure ??= starter.Exposure;
            else
                db.Places.Add(
                    new()
                    {
                        Id = starter.Id,
                        Name = starter.Name,
                        Kind = starter.Kind,
                        AssumedC = starter.DayC,
                        LampsOn = starter.Lamps?.On,
                        LampsOff = starter.Lamps?.Off,
                        Exposure = starter.Exposure,
                        Position = ++last,
                    }
                );
        }
        await db.SaveChangesAsync();
        await db.Database.ExecuteSqlRawAsync(Text.Of($"PRAGMA user_version = {Version}"));
    }

    /// <summary>The grower added it before it was a starter species, or another under its id: theirs stays as it is.</summary>
    private static bool IsOwn(SpeciesRow there, SpeciesRow starter) =>
        there.Id == starter.Id || string.Equals(there.ScientificName, starter.ScientificName, StringComparison.OrdinalIgnoreCase);

    private static SpeciesRow ToRow(Species species)
    {
        var row = new SpeciesRow
        {
            Id = species.Id,
            ScientificName = species.ScientificName,
            Body = CoreJson.Write(species with { Routes = [] }),
        };
        row.Routes.AddRange(
            species.Routes.Select(
                (r, i) =>
                    new RouteRow
                    {
                        Id = r.Id,
                        Position = i,
                        Version = r.Version,
                        SpeciesId = species.Id,
                        Body = CoreJson.Write(r),
                    }
            )
        );
        return row;
    }
}
