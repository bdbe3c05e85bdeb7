using Gassel.Core.Planning;
using Gassel.Core.Record;

namespace Gassel.Web.Features.Plan;

/// <summary>The target is one of: a date; weeks from a last frost; weeks before the ground freezes.</summary>
/// <param name="LotId">Null to plan on seed that is still to be found: as wild-collected this season, as much as is wanted.</param>
/// <param name="RouteId">The species' first route if left out.</param>
/// <param name="Plants">Plants wanted, at least 1.</param>
/// <param name="Target">What the date is for.</param>
/// <param name="LastFrost">Day of the last frost that the target is measured from.</param>
/// <param name="WeeksFromLastFrost">Negative before it, positive after it; needed with it.</param>
/// <param name="GroundFreeze">Day on which the ground freezes, for planting in autumn.</param>
/// <param name="WeeksBeforeFreeze">6 if left out; 4 to 8 is common practice.</param>
/// <param name="Stages">Survival by stage; our assumption if left out.</param>
/// <param name="Confidence">Wanted probability of reaching the number, in (0, 1); 0.9 if left out.</param>
/// <param name="SeedsPerCell">Sown to a cell; null where seed is not sown by cells.</param>
/// <param name="Practice">What becomes of several seedlings in a cell; thinned to one if left out.</param>
/// <param name="CellsPerTray">72 if left out.</param>
/// <param name="WholeContainerLoss">Share of trays or containers lost whole, in [0, 1); 0.1 if left out (starter value, our
/// assumption).</param>
/// <param name="Containers">Trays or containers over which the seed is spread; 3 if left out.</param>
/// <param name="Second">A part of the seed sown weeks later; null for one sowing.</param>
/// <param name="Name">What the grower calls the batch beside its species; null for none.</param>
/// <param name="Cover">What it is to be covered with; the usual of the species if left out.</param>
/// <param name="Place">Id of the place where it is to stand once sown; the usual if left out.</param>
public sealed record PlanRequest(
    string SpeciesId,
    int? LotId,
    int Plants,
    AnchorEvent Target,
    string? RouteId = null,
    DateOnly? Date = null,
    DateOnly? LastFrost = null,
    int? WeeksFromLastFrost = null,
    DateOnly? GroundFreeze = null,
    int? WeeksBeforeFreeze = null,
    StageSurvival? Stages = null,
    double? Confidence = null,
    int? SeedsPerCell = null,
    CellPractice? Practice = null,
    int? CellsPerTray = null,
    double? WholeContainerLoss = null,
    int? Containers = null,
    SecondSowing? Second = null,
    string? Name = null,
    SowCover? Cover = null,
    string? Place = null
);
