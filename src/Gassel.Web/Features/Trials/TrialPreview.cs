using Gassel.Core.Trials;

namespace Gassel.Web.Features.Trials;

/// <param name="Starts">Planned start of each arm, so that all are sown on one day.</param>
public sealed record TrialPreview(
    TrialDesign Design,
    IReadOnlyList<string> Warnings,
    IReadOnlyList<DateOnly> Starts,
    int SeedsLeft,
    int? Columns
);
