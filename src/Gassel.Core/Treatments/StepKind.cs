namespace Gassel.Core.Treatments;

/// <summary>One thing done to seed or seedling. The order is the order in which a season meets them.</summary>
public enum StepKind
{
    [Words("dry store")]
    DryStore,

    [Words("scarify")]
    Scarify,

    [Words("soak")]
    Soak,

    [Words("leach")]
    Leach,

    [Words("imbibe")]
    Imbibe,

    [Words("after-ripen")]
    AfterRipen,

    [Words("warm-moist")]
    WarmMoist,

    [Words("cold-moist")]
    ColdMoist,

    [Words("cold-dry")]
    ColdDry,

    [Words("smoke water")]
    SmokeWater,

    /// <summary>Recorded only; Gassel gives no recipe.</summary>
    [Words("gibberellic acid")]
    GibberellicAcid,

    [Words("seed vernalization")]
    SeedVernalization,

    [Words("germinate")]
    Germinate,

    [Words("grow on")]
    GrowOn,

    [Words("dormant season")]
    DormantSeason,

    [Words("plant vernalization")]
    PlantVernalization,

    [Words("harden off")]
    HardenOff,
}
