namespace Gassel.Core.Record;

/// <summary>Cells of a tray as one sees them: numbered from 1, row by row from the upper left.</summary>
/// <param name="Columns">Cells in a row.</param>
public readonly record struct TrayGrid(int Columns, int Cells)
{
    public int Rows => (Cells + Columns - 1) / Columns;

    /// <summary>Row of a cell, from 1.</summary>
    public int RowOf(int cell) => ((cell - 1) / Columns) + 1;

    /// <summary>Cells of a row, in order; the last row may be short.</summary>
    public IEnumerable<int> CellsOf(int row)
    {
        var cells = Cells;
        return Enumerable.Range(((row - 1) * Columns) + 1, Columns).Where(c => c <= cells);
    }

    /// <summary>Null for a vessel without cells.</summary>
    public static TrayGrid? Of(Vessel? vessel) => vessel?.Cells is { } cells ? new(vessel.Columns ?? UsualColumns(cells), cells) : null;

    /// <summary>
    /// Trays of 36, 48 and 72 cells fill a flat of 27 × 53 cm (common practice, no source); another number is drawn about as wide.
    /// </summary>
    public static int UsualColumns(int cells) =>
        cells switch
        {
            36 => 9,
            48 => 8,
            72 => 12,
            _ => Math.Max(1, (int)Math.Ceiling(Math.Sqrt(2.0 * cells))),
        };
}
