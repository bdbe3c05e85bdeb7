namespace Gassel.Core.Record;

/// <summary>The books of the batch are closed: nothing more is recorded of it until that is taken back.</summary>
public sealed record Closed(string? Words = null) : EntryPayload;
