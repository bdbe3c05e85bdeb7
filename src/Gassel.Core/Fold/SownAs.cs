using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Fold;

/// <summary>How a part was sown. Nulls where nobody said.</summary>
public sealed record SownAs(
    double? DepthMm,
    SowCover? Cover,
    int? SeedsPerCell,
    IReadOnlyList<int>? Cells,
    bool Dome,
    ContainerMix? Mix = null,
    Filling? Filling = null,
    WaterRegime? Water = null
);
