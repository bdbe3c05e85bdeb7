namespace Gassel.Core.Record;

public sealed record StepEnded(string Part, int Step) : EntryPayload;
