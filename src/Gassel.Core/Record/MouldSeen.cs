namespace Gassel.Core.Record;

public enum MouldSeen
{
    [Words("no mould")]
    None,

    [Words("some mould")]
    Some,

    [Words("much mould")]
    Much,
}
