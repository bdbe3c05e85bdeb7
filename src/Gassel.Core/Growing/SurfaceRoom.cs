namespace Gassel.Core.Growing;

/// <summary>Whether seed broadcast on the mix of its vessels lies too thick (common practice, no source).</summary>
/// <param name="Fits">Seeds on one surface.</param>
/// <param name="Each">Seeds sown on one, the fullest of them.</param>
public sealed record SurfaceRoom(int Fits, int Each, bool IsTooThick, string Words)
{
    /// <summary>One plant to a vessel: so many seeds, thinned to the best (common practice, no source).</summary>
    private const string OnePlant = "For one plant to each sow 5 or 6 and thin to the best.";

    /// <param name="seeds">At least 1.</param>
    /// <param name="vessels">At least 1.</param>
    /// <param name="surfaceCm2">Of the mix of one, above 0.</param>
    public static SurfaceRoom Of(int seeds, int vessels, double surfaceCm2)
    {
        var (fits, each) = (Math.Max(1, Density.Seeds(surfaceCm2)), (seeds + vessels - 1) / vessels);
        var apart = $"{Quantity.Area(surfaceCm2 / 10_000)} of mix, {Quantity.Length(Density.SeedsApartMm)} apart";
        return each > fits
            ? new(
                fits,
                each,
                true,
                Text.Of(
                    $"{each} seeds in each container are too thick: about {fits} fit on {apart}. "
                        + $"Take {(seeds + fits - 1) / fits} containers."
                )
            )
            : new(fits, each, false, Text.Of($"{each} seeds in each container; about {fits} fit on {apart}. {OnePlant}"));
    }
}
