using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Data;

namespace Gassel.Web.Features.Yard;

/// <summary>A container that is out, of a batch.</summary>
/// <param name="Life">How it stood and stands, also where nothing is known of its inside.</param>
/// <param name="Container">Null where nothing can be said of its inside; <paramref name="Withheld"/> says why.</param>
/// <param name="IsWatched">False where no weather ahead can be held against it: no warning of it is no all-clear.</param>
internal sealed record YardVessel(
    ShelvedBatch Batch,
    PartState Part,
    Core.Treatments.Species Species,
    Place Place,
    ContainerSetup Setup,
    ContainerLife Life,
    YardContainer? Container,
    string? Withheld,
    IReadOnlyList<YardWarning> Warnings,
    bool IsWatched = true
);
