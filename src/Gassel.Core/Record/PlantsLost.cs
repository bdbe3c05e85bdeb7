namespace Gassel.Core.Record;

/// <summary>Plants lost past the sowing; those of the sowing are lost in a count.</summary>
public sealed record PlantsLost(string Part, PlantStage Stage, int Plants, LossCause Cause = LossCause.Unknown) : EntryPayload;
