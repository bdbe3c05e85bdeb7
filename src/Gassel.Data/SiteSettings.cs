using Gassel.Core;
using Gassel.Core.Closing;
using Gassel.Core.Due;
using Gassel.Core.Growing;
using Gassel.Core.Places;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Seed;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;

namespace Gassel.Data;

/// <summary>What a grower sets once for the site.</summary>
/// <param name="FrostOffsetK">Added to the record's readings: minus degrees for a valley bottom.</param>
/// <param name="GroundFreeze">Month and day on which the ground usually freezes, <c>MM-dd</c>, by hand; null where unknown.</param>
/// <param name="Calibrations">At most one a kind; null for none.</param>
/// <param name="SeedMix">That seed is sown into indoors; it decides when seedlings are fed.</param>
/// <param name="FrostRisk">Share of springs with a later frost that is accepted at planting out, 0..0.5.</param>
/// <param name="FirstFrost">Month and day of the usual first frost of autumn, <c>MM-dd</c>, by hand; null where a record has it or nobody
/// knows.</param>
/// <param name="Longitude">Degrees east, west of Greenwich below 0; a forecast service may want it. Null where not told.</param>
/// <param name="Stock">Supplies on hand and their prices, by key; null for none.</param>
/// <param name="AcceptFreeze">Share of springs with a killing freeze after emergence that is accepted when a container goes out,
/// 0..1.</param>
/// <param name="Costs">Prices of the grower's own; null for the starter ones.</param>
public sealed record SiteSettings(
    double? ElevationM = null,
    Units Units = Units.Metric,
    ViabilitySchool ViabilitySchool = ViabilitySchool.Share,
    DepthSchool DepthSchool = DepthSchool.Width,
    FrostBasis FrostBasis = FrostBasis.Hand,
    double FrostOffsetK = 0,
    string? GroundFreeze = null,
    CheckSchool CheckSchool = CheckSchool.Weekly,
    SproutSchool SproutSchool = SproutSchool.PickOutFirst,
    ColdSchool ColdSchool = ColdSchool.Weighted,
    IReadOnlyList<KindCalibration>? Calibrations = null,
    CostAssumptions? Costs = null,
    ContainerMix SeedMix = ContainerMix.LowNutrient,
    double FrostRisk = PlantingOut.UsualRisk,
    string? FirstFrost = null,
    double? Longitude = null,
    DomeSchool DomeSchool = DomeSchool.WhicheverFirst,
    IReadOnlyDictionary<string, SupplyStock>? Stock = null,
    double AcceptFreeze = WinterRuns.AcceptFreeze
)
{
    /// <summary>The newest fit of a kind replaces an older one of the same kind.</summary>
    public SiteSettings With(KindCalibration calibration) =>
        this with
        {
            Calibrations = [.. (Calibrations ?? []).Where(c => c.Kind != calibration.Kind), calibration],
        };
}
