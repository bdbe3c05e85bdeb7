namespace Gassel.Web.Features.Plan;

/// <param name="WeeksLater">The second sowing starts so many weeks after the first, 1 to 26.</param>
/// <param name="FirstShare">Share of the seed in the first, in (0, 1); half if left out.</param>
public sealed record SecondSowing(int WeeksLater, double? FirstShare = null);
