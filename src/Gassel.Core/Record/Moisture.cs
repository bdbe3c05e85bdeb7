namespace Gassel.Core.Record;

public enum Moisture
{
    Dry,
    Right,
    Dripping,
}
