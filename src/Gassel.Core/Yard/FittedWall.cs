namespace Gassel.Core.Yard;

/// <summary>Between which ends wall and sun lie by a fit, nine times in ten.</summary>
/// <param name="WallLow">W/(m²·K).</param>
/// <param name="SunLow">Share of the sun let in, 0..1.</param>
public readonly record struct FittedWall(double WallLow, double WallHigh, double SunLow, double SunHigh);
