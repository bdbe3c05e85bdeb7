namespace Gassel.Core.Record;

/// <summary>The dome came off for good.</summary>
public sealed record DomeOff(string Part) : EntryPayload;
