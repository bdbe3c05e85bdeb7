using System.Globalization;
using Gassel.Core.Batches;

namespace Gassel.Core.Growing;

/// <summary>Seedlings that share a cell.</summary>
/// <param name="Standing">Seedlings in all.</param>
/// <param name="Cells">Cells that hold any, or those of the vessel where nobody counted by cell; null for a vessel without cells.</param>
/// <param name="Surplus">More than one to a cell: so many to thin, or to divide. The least it can be where nobody counted by cell; null for a vessel without cells.</param>
/// <param name="IsByCell">Counted cell by cell.</param>
public sealed record Crowding(int Standing, int? Cells, int? Surplus, bool IsByCell)
{
    public static Crowding Of(PartState part)
    {
        var spots = part.Counts.SelectMany(c => c.Spots ?? []).ToList();
        var seen = part.Counts.Where(c => c.Emerged > 0 || c.Lost > 0).All(c => c.Spots is { } s && s.All(x => x.Cell is not null) && s.Sum(x => x.Emerged) == c.Emerged && s.Sum(x => x.Lost) == c.Lost);
        // whoever was pricked out came from a cell that nobody named
        if (seen && spots.Count > 0 && part.MovedOff == 0)
        {
            var byCell = spots.GroupBy(s => s.Cell!.Value).Select(g => Math.Max(0, g.Sum(s => s.Emerged - s.Lost))).Where(n => n > 0).ToList();
            return new(part.Standing, byCell.Count, byCell.Sum(n => n - 1), true);
        }
        var cells = part.SownAs?.Cells?.Count ?? part.Vessel?.Cells;
        return new(part.Standing, cells, cells is { } most ? Math.Max(0, part.Standing - most) : null, false);
    }

    public string Words => this switch
    {
        { Surplus: null } => Say($"{Standing} stand together."),
        { IsByCell: true, Surplus: 0 } => Say($"{Standing} stand, one to a cell."),
        { IsByCell: true } => Say($"{Standing} stand in {Cells} cells: {Surplus} more than one to a cell."),
        { Surplus: 0 } => Say($"{Standing} stand in {Cells} cells; nobody counted by cell."),
        _ => Say($"{Standing} stand in {Cells} cells: at least {Surplus} more than one to a cell."),
    };

    private static string Say(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
}
