namespace Gassel.Core.Record;

/// <summary>A planned batch that is not made after all: its seed is free again. Taken back like any entry.</summary>
public sealed record Discarded(string? Why = null) : EntryPayload;
