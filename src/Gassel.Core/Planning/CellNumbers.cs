namespace Gassel.Core.Planning;

/// <param name="Cells">Cells sown.</param>
/// <param name="Trays">Trays they fill, the last one perhaps in part.</param>
/// <param name="EmptyCellFraction">Share of cells in which nothing comes up.</param>
/// <param name="SurplusSeedlings">Seedlings thinned away.</param>
public sealed record CellNumbers(int Cells, int Trays, double EmptyCellFraction, double SurplusSeedlings);
