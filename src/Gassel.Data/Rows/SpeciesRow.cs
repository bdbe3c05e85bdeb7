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

/// <summary>One version of a route. Versions are added, never changed.</summary>
public sealed class RouteRow
{
    public required string Id { get; set; }
    public int Version { get; set; }
    public required string SpeciesId { get; set; }

    /// <summary>Order in which the species offers its routes; the first is the usual one.</summary>
    public int Position { get; set; }

    /// <summary>The core record as JSON.</summary>
    public required string Body { get; set; }
}
