namespace Gassel.Core.Record;

/// <summary>What is left of a sowing goes back into the cold, in its vessel or another.</summary>
/// <param name="Days">How long it is meant to stay, at least 1.</param>
/// <param name="Place">Null where it stays.</param>
/// <param name="Vessel">Null for the same.</param>
public sealed record ColdAgain(string Part, int Days, string? Place = null, Vessel? Vessel = null) : EntryPayload;
