namespace Gassel.Web.Features.Labels;

/// <param name="OutsideFits">False where only labels for the inside fit.</param>
public sealed record PaperView(LabelPaper Paper, double WidthMm, double HeightMm, int PerSheet, bool OutsideFits);
