namespace Gassel.Core.Treatments;

/// <summary>Size of the seed, mm.</summary>
public readonly record struct SeedSize(double WidthMm, double ThicknessMm);
