using Gassel.Core.Treatments;

namespace Gassel.Core.Growing;

/// <summary>What a kind needs to flower; only few need it. Breaking dormancy is another matter.</summary>
/// <param name="Days">Effective days, by its own response to cold.</param>
public sealed record VernalizationNeed(VernalizationKind Kind, DurationRange Days)
{
    /// <summary>Of vernalizing, not of stratifying (starter value, from memory).</summary>
    public static ColdResponse Response => new(-1, 1, 7, 14);

    public static VernalizationNeed Garden => new(VernalizationKind.GardenKind, new(10, 12, 14));

    public static VernalizationNeed Rosette => new(VernalizationKind.WildRosette, new(56, 70, 84));
}
