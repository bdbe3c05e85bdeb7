namespace Gassel.Core.Record;

/// <summary>Takes an entry back. A void may itself be voided.</summary>
public sealed record VoidEntry(Guid Entry) : EntryPayload;
