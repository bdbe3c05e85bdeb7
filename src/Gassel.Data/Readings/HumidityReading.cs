namespace Gassel.Data.Readings;

/// <summary>Relative humidity at a moment, percent. Kept; nothing is computed from it.</summary>
public readonly record struct HumidityReading(long UnixMs, double Percent);
