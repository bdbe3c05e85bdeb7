namespace Gassel.Web.Features.Calculators;

/// <param name="Batches">Finished batches of one species and route, at most 500.</param>
/// <param name="At">Days of cold that are asked about, at most 200.</param>
/// <param name="From">Days of cold that a loss is reckoned from; with <paramref name="To"/> or not at all.</param>
/// <param name="To">Days of cold instead.</param>
/// <param name="Confidence">Of the intervals; 0.95 if left out.</param>
/// <param name="Seed">Taken for the contract's sake: intervals are by profile likelihood and need no chance.</param>
/// <param name="Overdispersion">False to take batches of one cold as alike.</param>
public sealed record ColdResponseRequest(
    IReadOnlyList<ColdBatchInput> Batches,
    IReadOnlyList<double>? At = null,
    double? From = null,
    double? To = null,
    double Confidence = 0.95,
    int Seed = 1,
    bool Overdispersion = true
);
