namespace Gassel.Web.Features.Wishes;

/// <summary>The list.</summary>
public sealed record WishesView(DateOnly Today, IReadOnlyList<WishView> Wishes);
