namespace Gassel.Core.Germination;

/// <summary>A factor of an effect.</summary>
/// <param name="Reversed">It was done just where the first of the effect was not.</param>
public readonly record struct FactorInEffect(TreatmentFactor Factor, bool Reversed = false);
