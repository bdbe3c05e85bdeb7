namespace Gassel.Web.Features.Wishes;

/// <param name="Seconds">To look for a better plan, 1 to 60; 10 if left out.</param>
public sealed record WishSeasonRequest(double? Seconds = null);
