namespace Gassel.Data.Rows;

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
