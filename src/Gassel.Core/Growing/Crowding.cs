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

    private string Seedlings => Text.Of($"{Standing} {(Standing == 1 ? "seedling" : "seedlings")}");

    public string Words =>
        this switch
        {
            { Surplus: null } => $"{Seedlings} together.",
            { IsByCell: true, Surplus: 0 } => $"{Seedlings}, one to a cell.",
            { IsByCell: true } => Text.Of($"{Seedlings} in {Cells} cells, {Surplus} too many for one to a cell."),
            { Surplus: 0 } => Text.Of($"{Seedlings} in {Cells} cells, not counted by cell."),
            _ => Text.Of($"{Seedlings} in {Cells} cells, at least {Surplus} too many for one to a cell."),
        };
}
