namespace Gassel.Core.Treatments;

/// <summary>The values of a species that may come from different places.</summary>
public enum SpeciesValue
{
    DormancyClass,
    Flags,
    Hazard,
    Germination,
    NightC,
    SowingDepth,
    Hardiness,
    ResponseToCold,
    Longevity,
    Notes,
    Water,
    GrowingOn,
    Planted,
}
