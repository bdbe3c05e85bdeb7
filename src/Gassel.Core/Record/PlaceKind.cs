namespace Gassel.Core.Record;

public enum PlaceKind
{
    Table,
    ColdShelf,
    WarmShelf,
    LampShelf,

    /// <summary>Under the lamps and warmed from below.</summary>
    HeatMat,
    Yard,
}
