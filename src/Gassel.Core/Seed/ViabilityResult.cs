namespace Gassel.Core.Seed;

/// <summary>Share of seed still alive.</summary>
public sealed record ViabilityResult(double Fraction, IReadOnlyList<string> Working);
