namespace Gassel.Core.Growing;

/// <summary>How a kind is brought to flower by cold.</summary>
public enum VernalizationKind
{
    /// <summary>Bred for gardens: moist seed two weeks in the cold, or plants 10–14 days at 7–10 °C, or both.</summary>
    GardenKind,

    /// <summary>A rosette grown to size and overwintered 8–12 weeks at 0–7 °C.</summary>
    WildRosette,
}
