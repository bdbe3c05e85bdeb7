namespace Gassel.Core.Seed;

/// <summary>How the seed is kept. What each does to its life is our assumption, far milder than the thumb rule that five degrees
/// cooler double it (Harrington 1972, from memory).</summary>
public enum SeedStorage
{
    [Words("dry, in the room")]
    RoomDry,

    [Words("dry, in the fridge")]
    CoolDry,

    [Words("dry, in the freezer")]
    FrozenDry,

    [Words("warm or damp")]
    WarmOrDamp,

    /// <summary>Moist and cool, for kinds that must not dry.</summary>
    [Words("moist and cool, never dried")]
    Moist,
}
