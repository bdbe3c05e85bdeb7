namespace Gassel.Core.Record;

/// <summary>Dormant plants came up again.</summary>
public sealed record CameAgain(string Part, PlantStage Stage, int Plants) : EntryPayload;
