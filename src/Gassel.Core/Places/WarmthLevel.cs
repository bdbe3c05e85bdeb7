namespace Gassel.Core.Places;

public enum WarmthLevel
{
    BelowBand,
    InBand,
    AboveBand,

    /// <summary>Warned of for every native here.</summary>
    TooHot,

    /// <summary>Seed of every kind dies.</summary>
    Cooking,
}
