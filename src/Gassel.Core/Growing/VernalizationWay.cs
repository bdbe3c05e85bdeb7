namespace Gassel.Core.Growing;

/// <summary>What is given cold so that it flowers.</summary>
public enum VernalizationWay
{
    /// <summary>Seed and plants: best.</summary>
    Both,
    SeedAlone,

    /// <summary>The late starter's way.</summary>
    PlantsAlone,
}
