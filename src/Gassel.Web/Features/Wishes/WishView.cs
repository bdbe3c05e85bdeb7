using Gassel.Core.Planning;

namespace Gassel.Web.Features.Wishes;

/// <summary>A wish of the list.</summary>
/// <param name="Refused">Why it cannot be planned; null where it can.</param>
/// <param name="Plan">What the plan of it knows; null where it cannot be planned.</param>
public sealed record WishView(Guid Id, int Number, Wish Wish, string CommonName, string? Refused, WishPlan? Plan);
