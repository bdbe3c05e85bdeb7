using System.Globalization;
using Gassel.Core.Batches;
using Gassel.Core.Treatments;
using Gassel.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data;

/// <summary>What every new book holds: starter species and places. Species a grower has are left alone.</summary>
public static class StarterBook
{
    /// <summary>Goes up whenever the starter values change; kept in the file as <c>user_version</c>.</summary>
    public const int Version = 1;

    public static async Task Fill(GasselDb db)
    {
        var known = await db.Species.Select(s => s.Id).ToListAsync();
        foreach (var species in StarterLibrary.All.Where(s => !known.Contains(s.Id))) db.Species.Add(ToRow(species));
        if (!await db.Places.AnyAsync())
        {
            db.Places.AddRange(Places.Starter.Select((p, i) => new PlaceRow { Id = p.Id, Name = p.Name, Kind = p.Kind, AssumedC = p.AssumedC, Position = i }));
        }
        if (db.ChangeTracker.HasChanges()) await db.SaveChangesAsync();
        await db.Database.ExecuteSqlRawAsync(string.Create(CultureInfo.InvariantCulture, $"PRAGMA user_version = {Version}"));
    }

    private static SpeciesRow ToRow(Species species)
    {
        var row = new SpeciesRow
        {
            Id = species.Id,
            ScientificName = species.ScientificName,
            Body = CoreJson.Write(species with { Routes = [] }),
        };
        row.Routes.AddRange(species.Routes.Select(r => new RouteRow { Id = r.Id, Version = r.Version, SpeciesId = species.Id, Body = CoreJson.Write(r) }));
        return row;
    }
}
