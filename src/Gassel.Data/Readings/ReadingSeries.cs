using Gassel.Data.Rows;

namespace Gassel.Data.Readings;

/// <summary>Readings of one thermometer, without the readings.</summary>
/// <param name="From">Of the first reading; null while there is none.</param>
/// <param name="Aside">Kept and not used.</param>
public sealed record ReadingSeries(
    int Id,
    string PlaceId,
    string Name,
    ReadingSource Source,
    DeviceKind? Device,
    SimulatedBehaviour Behaviour,
    bool Attached,
    bool Aside,
    DateTimeOffset? From,
    DateTimeOffset? To,
    long Count
);
