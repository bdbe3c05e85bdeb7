namespace Gassel.Web.Features.Learning;

/// <summary>Which treatments matter, by own finished batches.</summary>
/// <param name="Of">The species, or the genus.</param>
/// <param name="Batches">That carry it.</param>
/// <param name="Effects">Empty where nothing can be told.</param>
/// <param name="Silent">Of what nothing can be told, with the reason, in words.</param>
/// <param name="Working">Where nothing can be told, the reason first.</param>
public sealed record TreatmentsLearned(
    string Of,
    int Batches,
    IReadOnlyList<TreatmentTold> Effects,
    IReadOnlyList<string> Silent,
    IReadOnlyList<string> Working
);
