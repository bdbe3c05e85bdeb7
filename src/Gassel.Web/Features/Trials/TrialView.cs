using Gassel.Core.Trials;

namespace Gassel.Web.Features.Trials;

/// <param name="Warnings">What a reader of the result should know of the design.</param>
/// <param name="HasCounts">From the first count on the arms stay as they are.</param>
/// <param name="Result">Null before everything is sown, and while it is blind.</param>
/// <param name="Columns">Cells in a row of its trays; null without cells.</param>
public sealed record TrialView(
    Guid Id,
    int Number,
    string CommonName,
    TrialDesign Design,
    IReadOnlyList<TrialArmView> Arms,
    IReadOnlyList<string> Warnings,
    bool HasCounts,
    DateOnly? ExpectedUntil,
    TrialResult? Result,
    int? Columns
);
