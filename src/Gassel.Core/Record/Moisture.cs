namespace Gassel.Core.Record;

public enum Moisture
{
    [Words("dry")]
    Dry,

    [Words("moist")]
    Right,

    [Words("dripping")]
    Dripping,
}
