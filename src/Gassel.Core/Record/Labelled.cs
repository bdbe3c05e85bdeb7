namespace Gassel.Core.Record;

/// <summary>Labels of the part were printed.</summary>
/// <param name="Inside">How many for the inside.</param>
/// <param name="Outside">How many for the outside.</param>
public sealed record Labelled(string Part, int Inside, int Outside) : EntryPayload;
