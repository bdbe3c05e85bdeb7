namespace Gassel.Core.Planning;

/// <summary>What a plan takes where the grower says nothing.</summary>
public static class PlanAssumptions
{
    public const double Confidence = 0.9;

    /// <summary>Share of trays or containers lost whole to damping off, mice or a freeze (starter value, our assumption).</summary>
    public const double WholeContainerLoss = 0.1;

    /// <summary>Spread over at least three (common practice, no source).</summary>
    public const int Containers = 3;

    /// <summary>Cells of the usual tray.</summary>
    public const int CellsPerTray = 72;

    /// <summary>Seeds to a cell where a clump is divided later (our assumption).</summary>
    public const int SeedsInAClump = 6;

    /// <summary>
    /// Weeks before the ground freezes at which plants set out in autumn still root: 4 to 8 (common practice, no source).
    /// </summary>
    public const int WeeksBeforeFreeze = 6;
}
