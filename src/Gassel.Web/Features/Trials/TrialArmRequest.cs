using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Trials;

/// <param name="Batch">UUID of its batch, made by the device.</param>
/// <param name="RouteId">The species' first route if left out.</param>
/// <param name="DepthMm">The usual of the species if left out.</param>
/// <param name="Cover">The usual of the species if left out.</param>
/// <param name="Place">Where it comes up; the usual if left out.</param>
/// <param name="Mix">It is sown into; the usual of the site if left out.</param>
/// <param name="Filling">How its vessels are filled; as usual if left out.</param>
/// <param name="Water">How dry its mix may get; by the species if left out.</param>
/// <param name="Vessel">Of each of its replicates: pot, flat or deep cells; the usual if left out. Only indoors, in own vessels.</param>
/// <param name="Setup">Of its winter containers; a jug as usual if left out. Only for a route that is sown outdoors.</param>
public sealed record TrialArmRequest(
    Guid Batch,
    string Name,
    string? RouteId = null,
    double? DepthMm = null,
    SowCover? Cover = null,
    string? Place = null,
    ContainerSetup? Setup = null,
    ContainerMix? Mix = null,
    Filling? Filling = null,
    WaterRegime? Water = null,
    VesselKind? Vessel = null
);
