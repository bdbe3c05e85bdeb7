namespace Gassel.Core.Record;

/// <summary>What stands around a container. What the sun and the night sky do there is our assumption.</summary>
public enum Exposure
{
    Open,

    /// <summary>Under a roof's edge: little of the night sky, the same sun.</summary>
    Eaves,

    /// <summary>Before a wall that faces the sun: some sun more, half of the night sky.</summary>
    SouthWall,

    /// <summary>Behind a building or under evergreens.</summary>
    Shade,
}
