namespace Gassel.Core.Treatments;

/// <summary>Decides which wet and dusty steps are allowed.</summary>
public enum HazardLevel
{
    None,
    Irritant,
    Toxic,

    /// <summary>Deadly in small amounts: no wet and no chemical step at all.</summary>
    VeryToxic,
}
