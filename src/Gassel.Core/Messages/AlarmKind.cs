namespace Gassel.Core.Messages;

/// <summary>What cannot wait until somebody opens the page.</summary>
public enum AlarmKind
{
    [Words("freeze")]
    Freeze,

    [Words("place too cold or too warm")]
    Place,

    [Words("heat in containers")]
    Heat,

    [Words("thermometer silent")]
    Silent,

    [Words("soak past its hour")]
    Soak,
}
