using Gassel.Core.Treatments;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data;

/// <summary>The species of the book with the newest version of each route.</summary>
public static class SpeciesShelf
{
    public static async Task<IReadOnlyList<Species>> Load(GasselDb db)
    {
        var rows = await db.Species.AsNoTracking().Include(s => s.Routes).OrderBy(s => s.ScientificName).ToListAsync();
        return [.. rows.Select(row => CoreJson.Read<Species>(row.Body) with
        {
            Routes = [.. row.Routes.GroupBy(r => r.Id).Select(g => CoreJson.Read<Route>(g.MaxBy(r => r.Version)!.Body))],
        })];
    }
}
