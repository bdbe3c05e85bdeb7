namespace Gassel.Core.Fold;

/// <summary>What one cell of a tray has seen.</summary>
/// <param name="MovedOff">Divided or pricked out of it.</param>
public readonly record struct CellSeen(int Cell, int Emerged, int Lost, int MovedOff)
{
    /// <summary>As one finds it who never saw what went before: only what stands.</summary>
    public CellSeen AsFound() => new(Cell, Standing, 0, 0);

    public int Standing => Math.Max(0, Emerged - Lost - MovedOff);
}
