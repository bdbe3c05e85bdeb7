namespace Gassel.Core.Planning;

/// <summary>What a plan takes where the grower says nothing.</summary>
public static class PlanAssumptions
{
    /// <summary>Share of seedlings that become plants (our assumption).</summary>
    public const double Survival = 0.85;

    public const double Confidence = 0.9;

    /// <summary>Share of trays or containers lost whole to damping off, mice or a freeze (starter value, our assumption).</summary>
    public const double WholeContainerLoss = 0.1;

    /// <summary>Spread over at least three (common practice, no source).</summary>
    public const int Containers = 3;

    /// <summary>Cells of the usual tray.</summary>
    public const int CellsPerTray = 72;
}
