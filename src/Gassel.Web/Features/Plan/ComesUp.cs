namespace Gassel.Web.Features.Plan;

/// <summary>Both ends inclusive.</summary>
public sealed record ComesUp(DateOnly From, DateOnly To);
