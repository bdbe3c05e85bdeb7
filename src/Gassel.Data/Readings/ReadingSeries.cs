using Gassel.Data.Devices;
using Gassel.Data.Rows;

namespace Gassel.Data.Readings;

/// <summary>Readings of one thermometer, without the readings.</summary>
/// <param name="From">Of the first reading; null while there is none.</param>
/// <param name="Aside">Kept and not used.</param>
public sealed record ReadingSeries(
    int Id, string PlaceId, string Name, ReadingSource Source, DeviceKind? Device, SimulatedBehaviour Behaviour, bool Attached, bool Aside,
    DateTimeOffset? From, DateTimeOffset? To, long Count);

/// <param name="Series">Null where nothing of it was new, so that nothing was kept.</param>
/// <param name="Twice">Readings at a moment that stood in the file before.</param>
/// <param name="ThereAlready">Readings at a moment which the place had a reading of: kept, counted once.</param>
public sealed record Imported(int? Series, long Readings, long Twice, long ThereAlready);
