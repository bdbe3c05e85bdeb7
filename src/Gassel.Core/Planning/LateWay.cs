namespace Gassel.Core.Planning;

/// <summary>What can be done with seedlings that come too late to root before the frost.</summary>
public enum LateWay
{
    /// <summary>Grown on under lamps until spring.</summary>
    UnderLamps,

    /// <summary>Planted all the same, under a cover.</summary>
    PlantAndCover,

    /// <summary>Kept in pots in the cold frame.</summary>
    PotsInFrame,
}
