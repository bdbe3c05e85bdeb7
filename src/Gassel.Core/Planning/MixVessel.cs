namespace Gassel.Core.Planning;

/// <summary>What is to be filled.</summary>
public enum MixVessel
{
    /// <summary>Bags of seed, for the cold or the warm.</summary>
    Bag,

    /// <summary>Cells of trays.</summary>
    Cell,
    Pot,

    /// <summary>Winter containers, and everything whose volume is known.</summary>
    Container,
}
