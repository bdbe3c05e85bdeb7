namespace Gassel.Core.Record;

/// <summary>How far a plant has come, in order.</summary>
public enum PlantStage
{
    /// <summary>Where it came up.</summary>
    Seedling,
    PrickedOut,
    Potted,

    /// <summary>Through its hardening off.</summary>
    Hardened,
    Planted,
}
