namespace Gassel.Data.Rows;

/// <summary>
/// Readings of one thermometer at one place. The readings themselves stand in the table <c>readings</c>, two numbers each.
/// </summary>
public sealed class ReadingSeriesRow
{
    public int Id { get; set; }
    public required string PlaceId { get; set; }
    public required string Name { get; set; }
    public ReadingSource Source { get; set; }

    /// <summary>Which device it is; null for a file.</summary>
    public DeviceKind? Device { get; set; }

    /// <summary>How a simulated device behaves.</summary>
    public SimulatedBehaviour Behaviour { get; set; }

    /// <summary>Unix milliseconds from which it behaves so.</summary>
    public long BehaviourSince { get; set; }

    /// <summary>True while the program asks it.</summary>
    public bool Attached { get; set; }

    /// <summary>Kept and not used: it was put to the wrong place, say.</summary>
    public bool Aside { get; set; }

    /// <summary>False while its readings are still coming in; readers look past it until then.</summary>
    public bool Whole { get; set; } = true;

    /// <summary>Unix milliseconds.</summary>
    public long AddedAt { get; set; }
}
