namespace Gassel.Web.Features.Labels;

/// <summary>Where the labels are on a sheet, mm. From memory; a first sheet on plain paper shows whether it fits.</summary>
/// <param name="LeftMm">Of the first label.</param>
/// <param name="StepXMm">From one label to the next.</param>
internal sealed record LabelGrid(
    double SheetWidthMm,
    double SheetHeightMm,
    int Columns,
    int Rows,
    double LabelWidthMm,
    double LabelHeightMm,
    double LeftMm,
    double TopMm,
    double StepXMm,
    double StepYMm
)
{
    public int PerSheet => Columns * Rows;

    /// <summary>Room for a name, dates, a warning and a code that a phone can read.</summary>
    public bool TakesOutside => LabelWidthMm >= 60;

    public static LabelGrid Of(LabelPaper paper) =>
        paper switch
        {
            LabelPaper.A4By24 => new(210, 297, 3, 8, 70, 37, 0, 0.5, 70, 37),
            LabelPaper.A4By65 => new(210, 297, 5, 13, 38.1, 21.2, 4.7, 10.7, 40.6, 21.2),
            LabelPaper.LetterBy30 => new(215.9, 279.4, 3, 10, 66.7, 25.4, 4.8, 12.7, 69.8, 25.4),
            LabelPaper.Roll62 => new(62, 35, 1, 1, 62, 35, 0, 0, 62, 35),
            _ => throw new ArgumentOutOfRangeException(nameof(paper)),
        };
}
