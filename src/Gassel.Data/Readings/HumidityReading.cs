namespace Gassel.Data.Readings;

/// <summary>Relative humidity at a moment, percent. Kept and drawn; nothing is computed from it.</summary>
public readonly record struct HumidityReading(long UnixMs, double Percent);
