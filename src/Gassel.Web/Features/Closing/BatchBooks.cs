using Gassel.Core.Closing;

namespace Gassel.Web.Features.Closing;

/// <summary>The books of one batch.</summary>
/// <param name="Compared">Treatments of its species in its season; null with one alone.</param>
public sealed record BatchBooks(
    BatchAccount Account,
    IReadOnlyList<Proposal> Proposals,
    TreatmentsCompared? Compared,
    string? LeftOver,
    CostAssumptions Costs
);
