namespace Gassel.Core.Record;

/// <summary>What a part is in.</summary>
/// <param name="Label">As written on it, for instance "tray 12".</param>
/// <param name="Cells">Cells of a tray; null for everything without cells.</param>
/// <param name="Medium">What the seed lies in; null for the usual of the grower.</param>
/// <param name="Slot">Where on the shelf, as the grower calls it; null where nobody said.</param>
/// <param name="Columns">Cells in a row; null for the usual grid of so many cells.</param>
public sealed record Vessel(
    VesselKind Kind,
    string Label,
    int? Cells = null,
    MoistMedium? Medium = null,
    string? Slot = null,
    int? Columns = null
);
