namespace Gassel.Core.Record;

/// <summary>What was done to a bag at a look.</summary>
public enum BagCare
{
    Turned,
    Wetted,
    Drained,
    Rinsed,

    /// <summary>Weak peroxide, by its label.</summary>
    Peroxide,
    NewMedium,

    /// <summary>Mould left, for the seed is firm.</summary>
    LeftFirm,
}
