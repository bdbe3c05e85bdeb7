namespace Gassel.Core.Germination;

/// <summary>A closed interval for a fraction, 0..1.</summary>
public readonly record struct FractionInterval(double Low, double High);
