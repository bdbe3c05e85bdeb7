namespace Gassel.Core.Record;

/// <summary>Put at another place.</summary>
/// <param name="Some">What of the part went; null where all of it did.</param>
public sealed record Moved(string Part, string Place, MovedSome? Some = null) : EntryPayload;
