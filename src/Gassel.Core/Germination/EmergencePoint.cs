namespace Gassel.Core.Germination;

/// <summary>Share of the sown seed on one day: up by then as counted, or by the fitted curve.</summary>
public readonly record struct EmergencePoint(double Day, double Fraction);
