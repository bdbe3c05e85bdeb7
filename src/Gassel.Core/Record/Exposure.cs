namespace Gassel.Core.Record;

/// <summary>What stands around a container. What the sun and the night sky do there is our assumption.</summary>
public enum Exposure
{
    [Words("open ground")]
    Open,

    /// <summary>Under a roof's edge: little of the night sky, the same sun.</summary>
    [Words("under eaves")]
    Eaves,

    /// <summary>Before a wall that faces the sun: some sun more, half of the night sky.</summary>
    [Words("south wall")]
    SouthWall,

    /// <summary>Behind a building or under evergreens.</summary>
    [Words("shade")]
    Shade,
}
