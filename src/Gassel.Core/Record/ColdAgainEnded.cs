namespace Gassel.Core.Record;

/// <summary>Out of its second cold: from here on it is counted on.</summary>
/// <param name="Place">Null where it stays.</param>
public sealed record ColdAgainEnded(string Part, string? Place = null) : EntryPayload;
