namespace Gassel.Core.Record;

/// <summary>The water of a soak or a leaching was changed.</summary>
public sealed record WaterChanged(string Part) : EntryPayload;
