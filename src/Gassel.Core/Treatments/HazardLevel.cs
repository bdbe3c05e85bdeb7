namespace Gassel.Core.Treatments;

/// <summary>Decides which wet and dusty steps are allowed.</summary>
public enum HazardLevel
{
    [Words("none known")]
    None,

    [Words("irritant or mildly toxic")]
    Irritant,

    [Words("toxic")]
    Toxic,

    /// <summary>Deadly in small amounts: no wet and no chemical step at all.</summary>
    [Words("very toxic: no wet and no chemical step")]
    VeryToxic,
}
