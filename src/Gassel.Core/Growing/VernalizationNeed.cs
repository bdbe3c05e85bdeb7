using Gassel.Core.Climate;
using Gassel.Core.Treatments;

namespace Gassel.Core.Growing;

/// <summary>How a kind is brought to flower by cold.</summary>
public enum VernalizationKind
{
    /// <summary>Bred for gardens: moist seed two weeks in the cold, or plants 10–14 days at 7–10 °C, or both.</summary>
    GardenKind,

    /// <summary>A rosette grown to size and overwintered 8–12 weeks at 0–7 °C.</summary>
    WildRosette,
}

/// <summary>What a kind needs to flower; only few need it. Breaking dormancy is another matter.</summary>
/// <param name="Days">Effective days, by its own response to cold.</param>
public sealed record VernalizationNeed(VernalizationKind Kind, DurationRange Days)
{
    /// <summary>Of vernalizing, not of stratifying (starter value, from memory).</summary>
    public static ColdResponse Response => new(-1, 1, 7, 14);

    public static VernalizationNeed Garden => new(VernalizationKind.GardenKind, new(10, 12, 14));

    public static VernalizationNeed Rosette => new(VernalizationKind.WildRosette, new(56, 70, 84));
}
