namespace Gassel.Core.Record;

public sealed record Note(string? Part, string Text) : EntryPayload;
