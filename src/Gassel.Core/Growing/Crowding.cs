using Gassel.Core.Fold;

namespace Gassel.Core.Growing;

/// <summary>Seedlings that share a cell.</summary>
/// <param name="Standing">Seedlings in all.</param>
/// <param name="Cells">Cells that hold any, or those of the vessel where nobody counted by cell; null for a vessel without cells.</param>
/// <param name="Surplus">More than one to a cell: so many to thin, or to divide. The least it can be where nobody counted by cell; null for
/// a vessel without cells.</param>
/// <param name="IsByCell">Counted cell by cell.</param>
public sealed record Crowding(int Standing, int? Cells, int? Surplus, bool IsByCell)
{
    public static Crowding Of(PartState part)
    {
        var tally = CellTally.Of(part);
        if (tally is { IsWhole: true, Cells.Count: > 0 })
        {
            var byCell = tally.Cells.Select(c => c.Standing).Where(n => n > 0).ToList();
            return new(part.Standing, byCell.Count, byCell.Sum(n => n - 1), true);
        }
        var cells = part.SownAs?.Cells?.Count ?? part.Vessel?.Cells;
        return new(part.Standing, cells, cells is { } most ? Math.Max(0, part.Standing - most) : null, false);
    }

    public string Words =>
        this switch
        {
            { Surplus: null } => Text.Of($"{Standing} stand together."),
            { IsByCell: true, Surplus: 0 } => Text.Of($"{Standing} stand, one to a cell."),
            { IsByCell: true } => Text.Of($"{Standing} stand in {Cells} cells: {Surplus} more than one to a cell."),
            { Surplus: 0 } => Text.Of($"{Standing} stand in {Cells} cells; nobody counted by cell."),
            _ => Text.Of($"{Standing} stand in {Cells} cells: at least {Surplus} more than one to a cell."),
        };
}
