using Gassel.Core.Treatments;

namespace Gassel.Core.Record;

/// <summary>Sown; starts the germinate step and ends the one before it.</summary>
/// <param name="Seeds">Seeds put in, where sowing is the first step of the batch; null later.</param>
/// <param name="SeedsPerCell">Null where seed is not sown by cells.</param>
/// <param name="Cells">Cells of the tray that hold this part, from 1, row by row; null for all of them.</param>
/// <param name="EstimatePercent">The number of seeds is an estimate, give or take so much; null where it was counted.</param>
/// <param name="Dome">A dome was put on.</param>
/// <param name="Mix">What it was sown into; null for the usual of the site.</param>
/// <param name="Water">How dry its mix may get, where this sowing is to differ; null to go by the species.</param>
/// <param name="Filling">How the vessel was filled; null where nobody said.</param>
public sealed record Sown(
    string Part,
    string? Place,
    Vessel? Vessel,
    double? DepthMm = null,
    int? Seeds = null,
    int? SeedsPerCell = null,
    IReadOnlyList<int>? Cells = null,
    SowCover? Cover = null,
    double? EstimatePercent = null,
    bool Dome = false,
    ContainerMix? Mix = null,
    Filling? Filling = null,
    WaterRegime? Water = null
) : EntryPayload;
