using Gassel.Core.Treatments;

namespace Gassel.Core.Seed;

/// <summary>Viability by age. Common practice, no source; a germination test under the route's treatment replaces it.</summary>
public static class Viability
{
    /// <summary>Wild-collected seed before a cut test.</summary>
    public const double WildCollected = 0.7;

    /// <summary>Cleaned seed as bought.</summary>
    public const double CleanedBought = 0.96;

    private const double PointsAYear = 0.25;

    /// <summary>Years in which half of the seed dies.</summary>
    public static int HalfLifeYears(Longevity longevity) =>
        longevity switch
        {
            Longevity.Short => 1,
            Longevity.Medium => 3,
            Longevity.Long => 8,
            Longevity.HardCoated => 20,
            _ => throw new ArgumentOutOfRangeException(nameof(longevity), longevity, null),
        };

    /// <summary>Times the half-life at dry room temperature (our assumption).</summary>
    public static double LifeFactor(SeedStorage storage) =>
        storage switch
        {
            SeedStorage.CoolDry => 2,
            SeedStorage.FrozenDry => 4,
            SeedStorage.WarmOrDamp => 0.5,
            _ => 1,
        };

    /// <param name="storage">Changes the half-life of the share school; the points school knows no storage.</param>
    /// <param name="initial">Share alive at harvest, 0..1.</param>
    /// <param name="ageYears">Since harvest, 0 or more.</param>
    public static ViabilityResult At(
        ViabilitySchool school,
        double initial,
        double ageYears,
        Longevity longevity,
        SeedStorage storage = SeedStorage.RoomDry
    )
    {
        if (school == ViabilitySchool.Points)
        {
            var left = Math.Max(0, initial - PointsAYear * ageYears);
            return new(
                left,
                [
                    Text.Of($"{initial:0.##} − 0.25 × {ageYears:0.##} years = {left:0.###}, not below 0."),
                    "A vegetable-seed rule; it misleads for hard and after-ripening seed (common practice, no source).",
                ]
            );
        }
        var half = HalfLifeYears(longevity) * LifeFactor(storage);
        var fraction = initial * Math.Pow(0.5, ageYears / half);
        return new(
            fraction,
            [
                Text.Of(
                    $"{initial:0.##} × ½^({ageYears:0.##} ÷ {half}) = {fraction:0.###}; half-life {half:0.#} "
                        + $"{(half == 1 ? "year" : "years")} for {Words(longevity)} seed, {Words(storage)}."
                ),
                "Common practice, no source; a test under the route's treatment replaces it, a cut test bounds it.",
            ]
        );
    }

    public static string Words(SeedStorage storage) =>
        storage switch
        {
            SeedStorage.CoolDry => "kept cool and dry",
            SeedStorage.FrozenDry => "kept frozen and dry",
            SeedStorage.WarmOrDamp => "kept warm or damp",
            SeedStorage.Moist => "kept moist and cool",
            _ => "kept dry at room temperature",
        };

    private static string Words(Longevity longevity) =>
        longevity switch
        {
            Longevity.Short => "short-lived",
            Longevity.Medium => "medium-lived",
            Longevity.Long => "long-lived",
            _ => "hard-coated",
        };
}
