namespace Gassel.Core.Treatments;

/// <summary>Sowing depth in mm, both ends inclusive; 0–0 means on the surface.</summary>
public readonly record struct DepthRange(double LowMm, double HighMm);
