namespace Gassel.Core.Record;

/// <summary>Somebody looked at the water of what was sown.</summary>
/// <param name="Seen">As it was found, before any water was given.</param>
public sealed record WaterLooked(string Part, SurfaceSeen Seen, WaterGiven Given = WaterGiven.None) : EntryPayload;
