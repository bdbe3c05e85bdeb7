using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Calculators;

/// <param name="Germination">Temperatures at which its treated seed comes up, °C.</param>
/// <param name="NightC">By night, where day and night should differ, °C.</param>
/// <param name="SowingDepth">From and to, mm; 0 and 0 for on the surface; null where it is not known.</param>
/// <param name="Hardiness">Of its seedlings; hardy if left out.</param>
/// <param name="Longevity">How its seed keeps; medium if left out.</param>
public sealed record CausesSpecies(
    DormancyClass DormancyClass,
    TemperatureBand Germination,
    DormancyDepth? Depth = null,
    IReadOnlyList<SpeciesFlag>? Flags = null,
    TemperatureBand? NightC = null,
    DepthRange? SowingDepth = null,
    SeedlingHardiness Hardiness = SeedlingHardiness.Hardy,
    Longevity Longevity = Longevity.Medium
);
