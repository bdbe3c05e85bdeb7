namespace Gassel.Core.Record;

public enum VesselKind
{
    Bag,
    Jar,

    /// <summary>A tray with cells.</summary>
    Tray,
    Pot,
    Container,

    /// <summary>Cells deep enough for a tap root, in a rack.</summary>
    DeepCells,

    /// <summary>An open flat without cells.</summary>
    Flat,
}
