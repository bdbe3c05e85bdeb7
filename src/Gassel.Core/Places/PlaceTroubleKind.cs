namespace Gassel.Core.Places;

public enum PlaceTroubleKind
{
    TooWarm,
    Frozen,

    /// <summary>Hot enough to hurt seed of every native here.</summary>
    TooHot,

    /// <summary>The probe says nothing.</summary>
    Silent,

    /// <summary>The probe says what cannot be.</summary>
    Jumping,
}
