namespace Gassel.Core.Trials;

/// <summary>Seed of one arm in one vessel: a replicate, and a part of the arm's batch.</summary>
/// <param name="Vessel">Index of the vessel.</param>
/// <param name="Cells">From 1; null for the whole vessel.</param>
public sealed record TrialPlot(int Arm, int Vessel, int Seeds, IReadOnlyList<int>? Cells);
