namespace Gassel.Core.Treatments;

/// <summary>What keeps the seed from germinating, after the classes of Baskin &amp; Baskin.</summary>
public enum DormancyClass
{
    [Words("no dormancy")]
    None,

    [Words("physiological dormancy")]
    Physiological,

    [Words("morphological dormancy")]
    Morphological,

    [Words("morphophysiological dormancy")]
    Morphophysiological,

    /// <summary>Water-tight coat.</summary>
    [Words("physical dormancy")]
    Physical,

    /// <summary>Water-tight coat over a dormant embryo.</summary>
    [Words("combinational dormancy")]
    Combinational,
}
