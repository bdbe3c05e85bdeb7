using Gassel.Core.Batches;

namespace Gassel.Data.Rows;

public sealed class PlaceRow
{
    public required string Id { get; set; }
    public required string Name { get; set; }
    public PlaceKind Kind { get; set; }
    public double AssumedC { get; set; }

    /// <summary>Bags, trays or containers that fit; null where nobody counted.</summary>
    public int? Capacity { get; set; }

    /// <summary>Order in which a grower walks past.</summary>
    public int Position { get; set; }

    public Place ToPlace() => new(Id, Name, Kind, AssumedC, Capacity);
}
