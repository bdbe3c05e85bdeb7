namespace Gassel.Core.Growing;

/// <summary>How many fit on a surface or an area, each with a square of the spacing to itself (common practice, no source).</summary>
public static class Density
{
    /// <summary>Seeds broadcast on a surface lie so far apart, mm (common practice, no source).</summary>
    public const double SeedsApartMm = 12.7;

    /// <summary>A square may be short of this part of itself, so that 3 plants at 0.1 m are not 2 by rounding.</summary>
    private const double Hair = 1e-9;

    /// <param name="surfaceCm2">Above 0.</param>
    /// <param name="spacingMm">Above 0.</param>
    public static int Seeds(double surfaceCm2, double spacingMm = SeedsApartMm) => Whole(surfaceCm2 * 100 / (spacingMm * spacingMm));

    /// <param name="areaM2">Above 0.</param>
    /// <param name="spacingCm">Above 0.</param>
    public static int Plants(double areaM2, double spacingCm) => Whole(areaM2 * 10_000 / (spacingCm * spacingCm));

    /// <summary>m² that so many plants take.</summary>
    public static double AreaM2(int plants, double spacingCm) => plants * spacingCm * spacingCm / 10_000;

    private static int Whole(double n) => (int)Math.Min(int.MaxValue, Math.Floor(n + Math.Max(Hair, n * Hair)));
}
