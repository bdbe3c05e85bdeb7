namespace Gassel.Core.Fold;

/// <summary>What one cell of a tray has seen.</summary>
/// <param name="MovedOff">Divided or pricked out of it.</param>
public readonly record struct CellSeen(int Cell, int Emerged, int Lost, int MovedOff)
{
    public int Standing => Math.Max(0, Emerged - Lost - MovedOff);
}
