namespace Gassel.Core.Treatments;

/// <summary>How a water-tight coat or a tight hull is broken.</summary>
public enum ScarifyMethod
{
    [Words("abraded")]
    Abrade,

    [Words("nicked")]
    Nick,

    [Words("hot water")]
    HotWater,

    /// <summary>Done by a professional; recorded only, Gassel gives no recipe.</summary>
    [Words("acid, done by a professional")]
    ProfessionalAcid,
}
