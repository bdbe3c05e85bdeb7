using Gassel.Core;

namespace Gassel.Web.Features.Labels;

/// <summary>Lays labels out on paper.</summary>
internal static class LabelSheets
{
    private const double PointsPerMm = 72 / 25.4;

    /// <param name="first">Position on the first sheet to begin at, from 0, for sheets begun before.</param>
    /// <returns>The PDF, how many pages it has, and the signs that could not be printed.</returns>
    public static (byte[] Pdf, int Pages, IReadOnlyList<string> Missing) Print(
        IReadOnlyList<AddressedLabel> labels,
        LabelContent content,
        LabelPaper paper,
        int first,
        string title,
        Speaker speaker
    )
    {
        var grid = LabelGrid.Of(paper);
        using var ink = new LabelInk(title, speaker);
        var position = first;
        foreach (var (label, address) in labels)
        {
            if (content != LabelContent.Inside)
                LabelDrawing.Outside(ink, Next(), label, address);
            if (content != LabelContent.Outside)
                LabelDrawing.Small(ink, Next(), label);
        }
        return (ink.ToPdf(), ink.Pages, [.. ink.Missing]);

        LabelBox Next()
        {
            if (ink.Pages == 0 || position % grid.PerSheet == 0)
                ink.NewPage(grid.SheetWidthMm * PointsPerMm, grid.SheetHeightMm * PointsPerMm);
            var (row, column) = Math.DivRem(position++ % grid.PerSheet, grid.Columns);
            return new(
                (grid.LeftMm + (column * grid.StepXMm)) * PointsPerMm,
                (grid.TopMm + (row * grid.StepYMm)) * PointsPerMm,
                grid.LabelWidthMm * PointsPerMm,
                grid.LabelHeightMm * PointsPerMm
            );
        }
    }
}
