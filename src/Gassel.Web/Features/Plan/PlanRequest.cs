using Gassel.Core.Planning;

namespace Gassel.Web.Features.Plan;

/// <summary>What a target may be counted from in this version: sowing, or plants ready to plant out.</summary>
public enum TargetEvent
{
    Sow,
    PlantOut,
}

/// <param name="Plants">Plants wanted, at least 1.</param>
/// <param name="LastFrost">Day of the last frost that the target is measured from.</param>
/// <param name="WeeksFromLastFrost">Negative before it, positive after it.</param>
/// <param name="Survival">Share of seedlings that become plants, in (0, 1]; 0.85 if left out (our assumption).</param>
/// <param name="Confidence">Wanted probability of reaching the number, in (0, 1); 0.9 if left out.</param>
public sealed record PlanRequest(
    string SpeciesId,
    string? RouteId,
    int LotId,
    int Plants,
    TargetEvent Target,
    DateOnly LastFrost,
    int WeeksFromLastFrost,
    double? Survival = null,
    double? Confidence = null);

/// <param name="Id">UUID made by the device; the same id twice makes one batch.</param>
/// <param name="Seeds">Seeds to start with; the plan's own number if left out.</param>
public sealed record ConfirmRequest(Guid Id, PlanRequest Plan, PlanChoice Choice, int? Seeds, string Who);

public sealed record ConfirmedBatch(Guid Id, int Number);
