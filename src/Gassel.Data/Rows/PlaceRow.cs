using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Data.Rows;

public sealed class PlaceRow
{
    public required string Id { get; set; }
    public required string Name { get; set; }
    public PlaceKind Kind { get; set; }

    /// <summary>By day, °C.</summary>
    public double AssumedC { get; set; }

    /// <summary>By night, °C; null where it is as by day.</summary>
    public double? NightC { get; set; }

    /// <summary>Day from which nothing comes here any more; null while it is used.</summary>
    public DateOnly? RetiredOn { get; set; }

    /// <summary>Bags, trays or containers that fit; null where nobody counted.</summary>
    public int? Capacity { get; set; }

    /// <summary>Timer of the lamps; null where there are none. Both or neither.</summary>
    public TimeOnly? LampsOn { get; set; }
    public TimeOnly? LampsOff { get; set; }

    /// <summary>What stands around a spot in the yard; null elsewhere, and where nobody said.</summary>
    public Exposure? Exposure { get; set; }

    /// <summary>How often the grower looks round it; null to go by its kind.</summary>
    public LookPace? Looks { get; set; }

    /// <summary>Order in which a grower walks past.</summary>
    public int Position { get; set; }

    public Place ToPlace() =>
        new(
            Id,
            Name,
            Kind,
            AssumedC,
            Capacity,
            LampsOn is { } on && LampsOff is { } off ? new Lamps(on, off) : null,
            Exposure,
            NightC,
            RetiredOn,
            Looks
        );
}
