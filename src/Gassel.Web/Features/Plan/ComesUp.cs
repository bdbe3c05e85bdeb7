using Gassel.Core;
using Gassel.Core.Germination;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Plan;

/// <summary>When seedlings are expected; both ends inclusive.</summary>
/// <param name="ByWarmth">That it goes by the warmth of own sowings, and what that is at other temperatures; null where it goes by the days
/// of the route.</param>
public sealed record ComesUp(DateOnly From, DateOnly To, string? ByWarmth)
{
    /// <param name="sown">The day of sowing.</param>
    /// <param name="step">The last one of the route.</param>
    internal static ComesUp Of(DateOnly sown, RouteStep step, PlanGround ground)
    {
        if (ground.OwnDays is not { } days)
            return new(sown.AddDays(step.Days.Shortest), sown.AddDays(step.Days.Longest), null);
        var (own, species) = (ground.Warmth!, ground.Species);
        var meantC = EmergenceDays.MeantC(species, step);
        var band = step.Band ?? species.Germination;
        var others = new[] { band.LowC, band.HighC }
            .Where(c => Math.Abs(c - meantC) > 0.5)
            .Select(c => (TempC: c, Days: own.At(c)))
            .Where(o => o.Days is not null)
            .Select(o => Text.Of($"{o.Days!.Value.Half:0} at {Quantity.WholeDegrees(o.TempC)}"))
            .ToList();
        return new(
            sown.AddDays(days.Shortest),
            sown.AddDays(days.Longest),
            Text.Of(
                $"By the warmth of {own.Sowings} sowings of your own: half up {days.Usual} days after sowing at "
                    + $"{Quantity.WholeDegrees(meantC)}{(others.Count > 0 ? $", {string.Join(", ", others)}" : "")}."
            )
        );
    }
}
