using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Trials;

/// <summary>An arm: seed of the lot treated one way. It is a batch of its own.</summary>
/// <param name="DepthMm">Sown so deep; null for the usual of the species.</param>
/// <param name="Cover">Null for the usual of the species.</param>
/// <param name="Place">Where it comes up; null for the usual.</param>
/// <param name="Mix">It is sown into; null for the usual of the site.</param>
/// <param name="Filling">How its vessels are filled; null as usual.</param>
/// <param name="Water">How dry its mix may get; null to go by the species.</param>
/// <param name="Vessel">Kind of its vessels, where each replicate has its own; null for the usual.</param>
/// <param name="Setup">Its winter containers; null for an arm that is not sown outdoors.</param>
public sealed record TrialArm(
    Guid Batch,
    string Name,
    bool IsControl,
    string RouteId,
    int Seeds,
    double? DepthMm = null,
    SowCover? Cover = null,
    string? Place = null,
    ContainerSetup? Setup = null,
    ContainerMix? Mix = null,
    Filling? Filling = null,
    WaterRegime? Water = null,
    VesselKind? Vessel = null
);
