namespace Gassel.Core.Sight;

/// <summary>A seed, or several that touch, in a picture.</summary>
/// <param name="X">Middle, pixels from the left.</param>
/// <param name="Y">Middle, pixels from above.</param>
/// <param name="Seeds">How many it is taken for; 1 for one that lies apart.</param>
/// <param name="LengthMm">Longest side of the narrowest rectangle around it; null where several touch or the scale is not known.</param>
/// <param name="WidthMm">Its short side.</param>
/// <param name="AtEdge">The picture cuts it.</param>
public sealed record SeedSeen(double X, double Y, int Seeds, double? LengthMm, double? WidthMm, bool AtEdge);
