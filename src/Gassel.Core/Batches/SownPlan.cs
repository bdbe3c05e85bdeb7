namespace Gassel.Core.Batches;

/// <summary>How a plan means its seed to be sown: what Sow offers when the day comes.</summary>
/// <param name="SeedsPerCell">Null where it is not sown by cells.</param>
/// <param name="CellsPerTray">Of the trays reckoned with.</param>
/// <param name="Cells">Cells reckoned with; null where it is not sown by cells.</param>
/// <param name="Containers">Trays or containers over which the seed is spread.</param>
/// <param name="Clump">Seedlings are left as clumps and divided later.</param>
public sealed record SownPlan(int? SeedsPerCell, int CellsPerTray, int? Cells, int Containers, bool Clump);
