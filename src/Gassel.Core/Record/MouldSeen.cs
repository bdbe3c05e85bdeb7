namespace Gassel.Core.Record;

public enum MouldSeen
{
    None,
    Some,
    Much,
}
