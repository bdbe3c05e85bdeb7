namespace Gassel.Core.Planning;

public static class CellFillings
{
    /// <summary>The same wish by each practice, side by side: one, two and three to a cell, and a clump to divide.</summary>
    public static IReadOnlyList<CellFilling> For(SeedsQuestion question, int seedsInAClump = PlanAssumptions.SeedsInAClump) =>
        [
            Thinned(question, CellPractice.One, 1),
            Thinned(question, CellPractice.ThinToOne, 2),
            Thinned(question, CellPractice.ThinToOne, 3),
            Divided(question, seedsInAClump),
        ];

    /// <summary>The wish by one practice. A clump that is divided needs the seeds of loose sowing, in full cells.</summary>
    public static SeedsNeededResult Need(SeedsQuestion question, CellPractice? practice)
    {
        if (practice != CellPractice.Divide || question.SeedsPerCell is not { } perCell)
            return SeedsNeeded.For(question);
        var loose = SeedsNeeded.For(question with { SeedsPerCell = null });
        var clumps = Divided(question, perCell);
        if (clumps is not { Seeds: { } seeds, Cells: { } cells, Trays: { } trays, EmptyCells: { } empty })
            return loose;
        return loose with
        {
            Seeds = seeds,
            Cells = new(cells, trays, empty / cells, 0),
            Working =
            [
                .. loose.Working,
                Text.Of(
                    $"In clumps of {perCell}, divided later: {cells} full cells hold {seeds} seeds; every seedling may become a plant."
                ),
            ],
        };
    }

    private static CellFilling Thinned(SeedsQuestion question, CellPractice practice, int perCell)
    {
        var result = SeedsNeeded.For(question with { SeedsPerCell = perCell });
        return new(
            practice,
            perCell,
            result.Seeds,
            result.Cells?.Cells,
            result.Cells?.Trays,
            result.Cells is { } cells ? cells.Cells * cells.EmptyCellFraction : null,
            result.Cells?.SurplusSeedlings
        );
    }

    /// <summary>Every seedling may become a plant, so the seeds are those of loose sowing, in full cells.</summary>
    private static CellFilling Divided(SeedsQuestion question, int perCell)
    {
        if (SeedsNeeded.For(question with { SeedsPerCell = null }).Seeds is not { } seeds)
            return new(CellPractice.Divide, perCell, null, null, null, null, null);
        var cells = (seeds + perCell - 1) / perCell;
        return new(
            CellPractice.Divide,
            perCell,
            cells * perCell,
            cells,
            (cells + question.CellsPerTray - 1) / question.CellsPerTray,
            cells * question.Germination.Mean(g => Math.Pow(1 - g, perCell)),
            0
        );
    }
}
