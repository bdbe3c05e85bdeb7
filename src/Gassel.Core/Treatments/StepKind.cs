namespace Gassel.Core.Treatments;

/// <summary>One thing done to seed or seedling. The order is the order in which a season meets them.</summary>
public enum StepKind
{
    DryStore,
    Scarify,
    Soak,
    Leach,
    Imbibe,
    AfterRipen,
    WarmMoist,
    ColdMoist,
    ColdDry,
    SmokeWater,

    /// <summary>Recorded only; Gassel gives no recipe.</summary>
    GibberellicAcid,
    SeedVernalization,
    Germinate,
    GrowOn,
    DormantSeason,
    PlantVernalization,
    HardenOff,
}
