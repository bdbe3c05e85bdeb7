namespace Gassel.Core.Growing;

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

public static class PlantStages
{
    public static IReadOnlyList<PlantStage> All { get; } = Enum.GetValues<PlantStage>();

    public static string Words(this PlantStage stage) => stage switch
    {
        PlantStage.Seedling => "seedlings",
        PlantStage.PrickedOut => "pricked out",
        PlantStage.Potted => "potted",
        PlantStage.Hardened => "hardened",
        _ => "planted",
    };
}
