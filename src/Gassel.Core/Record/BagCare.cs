namespace Gassel.Core.Record;

/// <summary>What was done to a bag at a look.</summary>
public enum BagCare
{
    [Words("turned for air")]
    Turned,

    [Words("wetted")]
    Wetted,

    [Words("drained")]
    Drained,

    [Words("rinsed")]
    Rinsed,

    /// <summary>Weak peroxide, by its label.</summary>
    [Words("weak peroxide, by its label")]
    Peroxide,

    [Words("put into new medium")]
    NewMedium,

    /// <summary>Mould left, for the seed is firm.</summary>
    [Words("mould left, seed firm")]
    LeftFirm,
}
