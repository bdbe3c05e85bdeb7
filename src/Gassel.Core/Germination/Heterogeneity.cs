namespace Gassel.Core.Germination;

/// <summary>Whether several shares may be one (Pearson's chi-square, no correction).</summary>
public sealed record Heterogeneity(double ChiSquare, int DegreesOfFreedom, double P);
