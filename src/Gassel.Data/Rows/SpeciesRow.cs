namespace Gassel.Data.Rows;

/// <summary>A species without its routes, as core records in JSON.</summary>
public sealed class SpeciesRow
{
    public required string Id { get; set; }
    public required string ScientificName { get; set; }

    /// <summary>The starter values; null for a species that the grower added.</summary>
    public string? Body { get; set; }

    /// <summary>The grower's own values, which stand before the starter ones; null while there are none.</summary>
    public string? Own { get; set; }
    public List<RouteRow> Routes { get; } = [];
}
