using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Data;

namespace Gassel.Web.Features.Yard;

/// <summary>A container that is out, of a batch.</summary>
/// <param name="Container">Null where nothing can be said of its inside; <paramref name="Withheld"/> says why.</param>
internal sealed record YardVessel(
    ShelvedBatch Batch,
    PartState Part,
    Core.Treatments.Species Species,
    Place Place,
    ContainerSetup Setup,
    YardContainer? Container,
    string? Withheld,
    IReadOnlyList<YardWarning> Warnings
);
