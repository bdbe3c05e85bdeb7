namespace Gassel.Core.Planning;

/// <summary>What one way of filling cells takes.</summary>
/// <param name="SeedsPerCell">Sown to each cell.</param>
/// <param name="Seeds">In all; null where no number reaches the plants.</param>
/// <param name="EmptyCells">Cells in which nothing is expected to come up.</param>
/// <param name="Surplus">Seedlings thinned away, expected; 0 where they are divided.</param>
public sealed record CellFilling(
    CellPractice Practice,
    int SeedsPerCell,
    int? Seeds,
    int? Cells,
    int? Trays,
    double? EmptyCells,
    double? Surplus
);
