namespace Gassel.Core.Treatments;

/// <summary>Sowing depth in mm, both ends inclusive; 0–0 means on the surface.</summary>
public readonly record struct DepthRange(double LowMm, double HighMm);

/// <summary>A taxon with everything a grower must know before treating its seed.</summary>
/// <param name="Id">Short stable name, for instance <c>balsamroot</c>.</param>
/// <param name="Germination">Temperatures at which the treated seed comes up.</param>
/// <param name="Origin">Where the values come from, as shown beside them.</param>
public sealed record Species(
    string Id,
    string ScientificName,
    string CommonName,
    DormancyClass DormancyClass,
    DormancyDepth? Depth,
    IReadOnlyList<SpeciesFlag> Flags,
    HazardLevel Hazard,
    string? HazardNote,
    TemperatureBand Germination,
    DepthRange SowingDepth,
    string Notes,
    string Origin,
    IReadOnlyList<Route> Routes)
{
    public bool Has(SpeciesFlag flag) => Flags.Contains(flag);
}
