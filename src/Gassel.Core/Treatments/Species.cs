namespace Gassel.Core.Treatments;

/// <summary>Sowing depth in mm, both ends inclusive; 0–0 means on the surface.</summary>
public readonly record struct DepthRange(double LowMm, double HighMm);

/// <summary>How much frost a seedling stands; just-emerged roots stand 2 K less (starter values, from memory).</summary>
public enum SeedlingHardiness
{
    /// <summary>Comes up at snow-melt; to −6 °C.</summary>
    SnowMelt,

    /// <summary>To −4 °C.</summary>
    Hardy,

    /// <summary>To −2 °C.</summary>
    HalfHardy,

    /// <summary>No frost.</summary>
    Tender,
}

/// <summary>A taxon with everything a grower must know before treating its seed.</summary>
/// <param name="Id">Short stable name, for instance <c>balsamroot</c>.</param>
/// <param name="Germination">Temperatures at which the treated seed comes up.</param>
/// <param name="NightC">Night temperatures where day and night should differ; null where one band will do.</param>
/// <param name="LookAlike">The plant it may be taken for; null where there is no danger in a mistake.</param>
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
    TemperatureBand? NightC,
    DepthRange SowingDepth,
    SeedlingHardiness Hardiness,
    string? LookAlike,
    string Notes,
    string Origin,
    IReadOnlyList<Route> Routes)
{
    public bool Has(SpeciesFlag flag) => Flags.Contains(flag);
}
