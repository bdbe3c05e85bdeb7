namespace Gassel.Core.Record;

public enum VesselKind
{
    [Words("bag")]
    Bag,

    [Words("jar")]
    Jar,

    /// <summary>A tray with cells.</summary>
    [Words("tray")]
    Tray,

    [Words("pot")]
    Pot,

    [Words("container")]
    Container,

    /// <summary>Cells deep enough for a tap root, in a rack.</summary>
    [Words("deep cells")]
    DeepCells,

    /// <summary>An open flat without cells.</summary>
    [Words("flat")]
    Flat,
}
