using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>
/// A tray cell by cell. Cells that were moved whole are gone from it and are found where they went. Nobody names the cells when thinning
/// or dividing: what is thinned, divided or pricked out is taken from the fullest cells first, the lower number where two are alike (our
/// assumption: that is what thinning to one is for).
/// </summary>
/// <param name="IsWhole">Every seedling was counted in a cell.</param>
public sealed record CellTally(IReadOnlyList<CellSeen> Cells, bool IsWhole)
{
    public static CellTally Of(PartState part)
    {
        var cells = new SortedDictionary<int, CellSeen>();
        foreach (var came in part.CellsCame)
            cells[came.Cell] = came;
        var whole = part.CellsCame.Sum(c => c.Standing) == part.Arrived;
        foreach (var count in part.Counts.Where(c => c.Emerged > 0 || c.Lost > 0))
        {
            var spots = count.Spots?.Where(s => s.Cell is not null).ToList() ?? [];
            foreach (var spot in spots)
            {
                var seen = cells.GetValueOrDefault(spot.Cell!.Value, new(spot.Cell.Value, 0, 0, 0));
                cells[spot.Cell.Value] = seen with { Emerged = seen.Emerged + spot.Emerged, Lost = seen.Lost + spot.Lost };
            }
            var (emerged, lost) = (count.Emerged - spots.Sum(s => s.Emerged), count.Lost - spots.Sum(s => s.Lost));
            if (emerged > 0 || (lost > 0 && count.Cause != LossCause.Thinned))
                whole = false;
            else
                Take(cells, lost, c => c with { Lost = c.Lost + 1 });
        }
        Take(cells, part.MovedOff - Leave(cells, part.CellsGone), c => c with { MovedOff = c.MovedOff + 1 });
        return new([.. cells.Values], whole);
    }

    /// <summary>Cells that went, whole; so many stood in them.</summary>
    private static int Leave(SortedDictionary<int, CellSeen> cells, IEnumerable<int> gone)
    {
        var stood = 0;
        foreach (var cell in gone)
        {
            stood += cells.GetValueOrDefault(cell).Standing;
            cells.Remove(cell);
        }
        return stood;
    }

    private static void Take(SortedDictionary<int, CellSeen> cells, int many, Func<CellSeen, CellSeen> one)
    {
        for (; many > 0; many--)
        {
            var fullest = cells.Values.Where(c => c.Standing > 0).OrderByDescending(c => c.Standing).FirstOrDefault();
            if (fullest.Standing == 0)
                return;
            cells[fullest.Cell] = one(fullest);
        }
    }
}
