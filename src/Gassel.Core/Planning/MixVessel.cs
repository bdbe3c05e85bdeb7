namespace Gassel.Core.Planning;

/// <summary>What is to be filled.</summary>
public enum MixVessel
{
    /// <summary>Bags of seed, for the cold or the warm.</summary>
    [Words("bags of seed")]
    Bag,

    /// <summary>Cells of trays.</summary>
    [Words("cells of trays")]
    Cell,

    [Words("pots")]
    Pot,

    /// <summary>Winter containers, and everything whose volume is known.</summary>
    [Words("winter containers")]
    Container,
}
