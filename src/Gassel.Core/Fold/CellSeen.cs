namespace Gassel.Core.Fold;

/// <summary>What one cell of a tray has seen.</summary>
/// <param name="MovedOff">Divided or pricked out of it.</param>
public readonly record struct CellSeen(int Cell, int Emerged, int Lost, int MovedOff)
{
    /// <summary>Seed of the cell that is not up, where so many were sown to each; null where nobody said how many.</summary>
    public int? Waiting(int? seedsPerCell) => seedsPerCell is { } sown ? Math.Max(0, sown - Emerged) : null;

    public int Standing => Math.Max(0, Emerged - Lost - MovedOff);
}
