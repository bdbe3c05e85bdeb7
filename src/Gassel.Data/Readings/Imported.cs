namespace Gassel.Data.Readings;

/// <param name="Series">Null where nothing of it was new, so that nothing was kept.</param>
/// <param name="Twice">Readings at a moment that stood in the file before.</param>
/// <param name="ThereAlready">Readings at a moment which the place had a reading of: kept, counted once.</param>
public sealed record Imported(int? Series, long Readings, long Twice, long ThereAlready);
