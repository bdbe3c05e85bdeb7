namespace Gassel.Core.Record;

/// <summary>How far a plant has come, in order.</summary>
public enum PlantStage
{
    /// <summary>Where it came up.</summary>
    [Words("seedlings")]
    Seedling,

    [Words("pricked out")]
    PrickedOut,

    [Words("potted")]
    Potted,

    /// <summary>Through its hardening off.</summary>
    [Words("hardened")]
    Hardened,

    [Words("planted")]
    Planted,
}
