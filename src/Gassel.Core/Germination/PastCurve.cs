namespace Gassel.Core.Germination;

/// <summary>A fitted curve of an earlier batch of the same species and route.</summary>
public readonly record struct PastCurve(double MaxFraction, double T50, double Shape);
