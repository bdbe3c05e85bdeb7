namespace Gassel.Core.Record;

/// <summary>How a plan means its seed to be sown: what Sow offers when the day comes.</summary>
/// <param name="SeedsPerCell">Null where it is not sown by cells.</param>
/// <param name="CellsPerTray">Of the trays reckoned with.</param>
/// <param name="Cells">Cells reckoned with; null where it is not sown by cells.</param>
/// <param name="Containers">Trays or containers over which the seed is spread.</param>
/// <param name="Clump">Seedlings are left as clumps and divided later.</param>
/// <param name="Cover">Null for the usual of the species.</param>
/// <param name="Place">Id of the place it is to stand at; null for the usual.</param>
public sealed record SownPlan(
    int? SeedsPerCell,
    int CellsPerTray,
    int? Cells,
    int Containers,
    bool Clump,
    SowCover? Cover = null,
    string? Place = null
);
