namespace Gassel.Core.Record;

/// <summary>Finished for this spring: kept to the next.</summary>
public sealed record SowingKept(string Part) : EntryPayload;
