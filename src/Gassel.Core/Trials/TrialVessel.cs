using Gassel.Core.Record;

namespace Gassel.Core.Trials;

/// <summary>A vessel of the trial, in the order in which they stand.</summary>
/// <param name="Cells">Null for one without cells.</param>
public sealed record TrialVessel(string Label, VesselKind Kind, int? Cells);
