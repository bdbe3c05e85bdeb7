namespace Gassel.Core.Treatments;

/// <summary>One thing done to seed or seedling. The order is the order in which a season meets them.</summary>
public enum StepKind
{
    [Words("dry store", Title = "start dry storage")]
    DryStore,

    [Words("scarify")]
    Scarify,

    [Words("soak")]
    Soak,

    [Words("leach")]
    Leach,

    [Words("imbibe")]
    Imbibe,

    [Words("after-ripen", Title = "start after-ripening")]
    AfterRipen,

    [Words("warm-moist", Title = "start warm-moist")]
    WarmMoist,

    [Words("cold-moist", Title = "start cold-moist")]
    ColdMoist,

    [Words("cold-dry", Title = "start cold-dry")]
    ColdDry,

    [Words("smoke water", Title = "give smoke water")]
    SmokeWater,

    /// <summary>Recorded only; Gassel gives no recipe.</summary>
    [Words("gibberellic acid", Title = "give gibberellic acid")]
    GibberellicAcid,

    [Words("seed vernalization", Title = "start seed vernalization")]
    SeedVernalization,

    [Words("germinate")]
    Germinate,

    [Words("grow on", Title = "pot on")]
    GrowOn,

    [Words("dormant season", Title = "start the dormant season")]
    DormantSeason,

    [Words("plant vernalization", Title = "start plant vernalization")]
    PlantVernalization,

    [Words("harden off")]
    HardenOff,
}
