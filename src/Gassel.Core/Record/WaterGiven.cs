namespace Gassel.Core.Record;

/// <summary>How water was given at a look.</summary>
public enum WaterGiven
{
    [Words("not watered")]
    None,

    [Words("watered from below")]
    FromBelow,

    [Words("watered from above")]
    FromAbove,
}
