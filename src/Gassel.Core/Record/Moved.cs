namespace Gassel.Core.Record;

public sealed record Moved(string Part, string Place) : EntryPayload;
