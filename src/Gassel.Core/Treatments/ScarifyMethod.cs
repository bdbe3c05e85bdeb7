namespace Gassel.Core.Treatments;

/// <summary>How a water-tight coat or a tight hull is broken.</summary>
public enum ScarifyMethod
{
    Abrade,
    Nick,
    HotWater,

    /// <summary>Done by a professional; recorded only, Gassel gives no recipe.</summary>
    ProfessionalAcid,
}
