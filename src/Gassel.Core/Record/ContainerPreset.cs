namespace Gassel.Core.Record;

/// <summary>Kinds of winter container with numbers of their own.</summary>
public enum ContainerPreset
{
    /// <summary>Milky jug of 4 litres.</summary>
    Jug4,

    /// <summary>Milky jug of 2 litres.</summary>
    Jug2,

    /// <summary>Clear bottle of 2 litres.</summary>
    Bottle2,

    /// <summary>Clear tub of 6 litres.</summary>
    Tub6,

    /// <summary>Pot without a lid, under 5 cm of straw.</summary>
    Pot,
    ColdFrame,
}
