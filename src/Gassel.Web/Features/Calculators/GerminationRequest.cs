namespace Gassel.Web.Features.Calculators;

/// <param name="Sown">Seeds sown, 1 to 1,000,000.</param>
/// <param name="Counts">May be empty: nothing counted yet.</param>
/// <param name="Confidence">Of the intervals for the fraction; 0.95 if left out.</param>
public sealed record GerminationRequest(
    int Sown,
    IReadOnlyList<CountInput> Counts,
    double? Confidence = null,
    ContextInput? Context = null
);
