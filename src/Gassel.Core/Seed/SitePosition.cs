namespace Gassel.Core.Seed;

/// <summary>Where the site is.</summary>
/// <param name="Longitude">Degrees east; null where nobody told it.</param>
public readonly record struct SitePosition(double Latitude, double? Longitude, double? ElevationM);
