using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>
/// A tray cell by cell, also after thinning and dividing, of which nobody names the cells: what is thinned, divided or pricked out is taken
/// from the
/// fullest cells first, the lower number where two are alike (our assumption: that is what thinning to one is for).
/// </summary>
/// <param name="IsWhole">Every seedling was counted in a cell.</param>
public sealed record CellTally(IReadOnlyList<CellSeen> Cells, bool IsWhole)
{
    public static CellTally Of(PartState part)
    {
        var cells = new SortedDictionary<int, CellSeen>();
        var whole = true;
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
        Take(cells, part.MovedOff, c => c with { MovedOff = c.MovedOff + 1 });
        return new([.. cells.Values], whole);
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
