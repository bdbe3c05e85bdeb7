namespace Gassel.Core.Record;

/// <summary>A way through the winter for plants that will not root before the frost.</summary>
public enum WinterWay
{
    [Words("under lamps")]
    UnderLamps,

    [Words("planted and covered")]
    PlantAndCover,

    [Words("in pots in the frame")]
    PotsInFrame,
}
