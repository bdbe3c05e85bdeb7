namespace Gassel.Core.Treatments;

/// <summary>What keeps the seed from germinating, after the classes of Baskin &amp; Baskin.</summary>
public enum DormancyClass
{
    None,
    Physiological,
    Morphological,
    Morphophysiological,

    /// <summary>Water-tight coat.</summary>
    Physical,

    /// <summary>Water-tight coat over a dormant embryo.</summary>
    Combinational,
}
