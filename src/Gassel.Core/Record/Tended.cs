namespace Gassel.Core.Record;

/// <summary>
/// Something was done to what grows: caps, covers, water and mulch of a container that is out; food and lamps of plants anywhere.
/// </summary>
public sealed record Tended(string Part, Tending What) : EntryPayload;
