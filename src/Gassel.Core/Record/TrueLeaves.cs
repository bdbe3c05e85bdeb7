namespace Gassel.Core.Record;

/// <summary>The first true leaves are out: from here seedlings are thinned, divided or pricked out.</summary>
public sealed record TrueLeaves(string Part) : EntryPayload;
