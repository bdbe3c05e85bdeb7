using Gassel.Core.Seed;
using Gassel.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data;

/// <summary>The lots as they are in the book.</summary>
public sealed class LotBook(Func<GasselDb> connect, BatchShelf shelf)
{
    public async Task<IReadOnlyList<KeptLot>> All()
    {
        await using var db = connect();
        var drawn = (await shelf.All()).ToLookup(b => b.Row.LotId);
        return [.. (await db.Lots.AsNoTracking().OrderBy(l => l.Id).ToListAsync()).Select(l => Keep(l, drawn[l.Id]))];
    }

    /// <summary>Null where there is no such lot.</summary>
    public async Task<KeptLot?> Find(int id)
    {
        await using var db = connect();
        var batches = await shelf.All();
        return await db.Lots.AsNoTracking().SingleOrDefaultAsync(l => l.Id == id) is { } row
            ? Keep(row, batches.Where(b => b.Row.LotId == id))
            : null;
    }

    private static KeptLot Keep(LotRow row, IEnumerable<ShelvedBatch> batches) =>
        new(
            row.Id,
            row.SpeciesId,
            CoreJson.Read<SeedLot>(row.Body),
            batches.Sum(b => b.State.Started ? b.State.SeedsStarted : b.Plan.Seeds)
        );
}
