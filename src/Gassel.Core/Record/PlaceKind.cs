namespace Gassel.Core.Record;

public enum PlaceKind
{
    [Words("table")]
    Table,

    [Words("cold shelf")]
    ColdShelf,

    [Words("warm shelf")]
    WarmShelf,

    [Words("lamp shelf")]
    LampShelf,

    /// <summary>Under the lamps and warmed from below.</summary>
    [Words("heat mat")]
    HeatMat,

    [Words("yard")]
    Yard,
}
