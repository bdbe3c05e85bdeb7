namespace Gassel.Core.Record;

/// <summary>Kinds of winter container with numbers of their own.</summary>
public enum ContainerPreset
{
    /// <summary>Milky jug of 4 litres.</summary>
    [Words("translucent jug, 4 l", UnitedStates = "translucent jug, 1 gal")]
    Jug4,

    /// <summary>Milky jug of 2 litres.</summary>
    [Words("translucent jug, 2 l", UnitedStates = "translucent jug, half a gallon")]
    Jug2,

    /// <summary>Clear bottle of 2 litres.</summary>
    [Words("clear bottle, 2 l", UnitedStates = "clear bottle, half a gallon")]
    Bottle2,

    /// <summary>Clear tub of 6 litres.</summary>
    [Words("clear tub, 6 l", UnitedStates = "clear tub, 6 qt")]
    Tub6,

    /// <summary>Pot without a lid, under 5 cm of straw.</summary>
    [Words("pot under straw")]
    Pot,

    [Words("cold frame")]
    ColdFrame,
}
