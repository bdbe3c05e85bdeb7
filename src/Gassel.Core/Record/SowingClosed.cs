namespace Gassel.Core.Record;

/// <summary>No more of its seed is waited for; seedlings that stand go on.</summary>
public sealed record SowingClosed(string Part) : EntryPayload;
