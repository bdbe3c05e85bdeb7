namespace Gassel.Core.Record;

/// <summary>What a place is like: what may stand there, what is watched, what it is taken to be by day and by night.</summary>
public enum PlaceKind
{
    [Words("table")]
    Table,

    /// <summary>A fridge is one.</summary>
    [Words("cold shelf")]
    ColdShelf,

    [Words("warm shelf")]
    WarmShelf,

    [Words("lamp shelf")]
    LampShelf,

    /// <summary>Under the lamps and warmed from below.</summary>
    [Words("heat mat")]
    HeatMat,

    /// <summary>A spot in the open, by what stands around it.</summary>
    [Words("yard")]
    Yard,

    [Words("windowsill")]
    Windowsill,

    [Words("heated greenhouse")]
    HeatedGreenhouse,

    [Words("unheated greenhouse")]
    Greenhouse,

    [Words("garage")]
    Garage,

    [Words("cold frame")]
    ColdFrame,

    [Words("bed")]
    Bed,
}
