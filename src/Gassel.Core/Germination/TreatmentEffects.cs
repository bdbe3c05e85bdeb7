namespace Gassel.Core.Germination;

/// <summary>Which treatments matter, by own batches, each beside the others.</summary>
/// <param name="Effects">In the order of <see cref="TreatmentFactor"/>; empty where nothing can be told.</param>
/// <param name="Silent">Factors of which nothing can be told, each with the reason.</param>
/// <param name="Intercept">Logit where every factor is 0; null where nothing was fitted.</param>
/// <param name="Rho">Likeness of two seeds of one batch beyond treatment and lot, 0 to 1.</param>
/// <param name="LotSpread">Standard deviation of lots, on the logit; 0 where they do not differ, or cannot be told from their
/// batches.</param>
/// <param name="LogLikelihood">With its constant.</param>
/// <param name="Batches">That carry it.</param>
public sealed record TreatmentEffects(
    IReadOnlyList<TreatmentEffect> Effects,
    IReadOnlyList<(TreatmentFactor Factor, string Why)> Silent,
    double? Intercept,
    double? Rho,
    double? LotSpread,
    double? LogLikelihood,
    int Batches,
    IReadOnlyList<string> Working
);
