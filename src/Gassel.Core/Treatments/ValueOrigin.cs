namespace Gassel.Core.Treatments;

/// <summary>Where one value of a species comes from, where that differs from the rest.</summary>
public sealed record ValueOrigin(SpeciesValue Value, string Origin);
