namespace Gassel.Core.Record;

/// <summary>Leaves died back for the season: dormant, alive, and no loss.</summary>
public sealed record DiedBack(string Part, PlantStage Stage, int Plants) : EntryPayload;
