using Gassel.Core.Planning;

namespace Gassel.Web.Features.Plan;

/// <param name="RouteId">The species' first route if left out.</param>
/// <param name="Plants">Plants wanted, at least 1.</param>
/// <param name="Target">What the date is for.</param>
/// <param name="Date">The day aimed at; null where it is measured from the last frost.</param>
/// <param name="LastFrost">Day of the last frost that the target is measured from; needed without a date.</param>
/// <param name="WeeksFromLastFrost">Negative before it, positive after it; needed without a date.</param>
/// <param name="Survival">Share of seedlings that become plants, in (0, 1]; 0.85 if left out (our assumption).</param>
/// <param name="Confidence">Wanted probability of reaching the number, in (0, 1); 0.9 if left out.</param>
/// <param name="SeedsPerCell">Sown to a cell and thinned to one; null where seed is not sown by cells.</param>
/// <param name="CellsPerTray">72 if left out.</param>
/// <param name="WholeContainerLoss">Share of trays or containers lost whole, in [0, 1); 0.1 if left out (starter value, our assumption).</param>
/// <param name="Containers">Trays or containers over which the seed is spread; 3 if left out.</param>
public sealed record PlanRequest(
    string SpeciesId,
    string? RouteId,
    int LotId,
    int Plants,
    AnchorEvent Target,
    DateOnly? Date = null,
    DateOnly? LastFrost = null,
    int? WeeksFromLastFrost = null,
    double? Survival = null,
    double? Confidence = null,
    int? SeedsPerCell = null,
    int? CellsPerTray = null,
    double? WholeContainerLoss = null,
    int? Containers = null);

/// <param name="Id">UUID made by the device; the same id twice makes one batch.</param>
/// <param name="Seeds">Seeds to start with; the plan's own number if left out.</param>
public sealed record ConfirmRequest(Guid Id, PlanRequest Plan, PlanChoice Choice, int? Seeds, string Who);

public sealed record ConfirmedBatch(Guid Id, int Number);
