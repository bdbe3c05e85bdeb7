namespace Gassel.Core.Germination;

/// <summary>Pointwise 95 % limits of the fitted share emerged on one day.</summary>
public readonly record struct BandPoint(double Day, double Low, double High);
