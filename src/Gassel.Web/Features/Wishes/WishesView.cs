namespace Gassel.Web.Features.Wishes;

/// <summary>The list.</summary>
/// <param name="Limited">Places whose room is known, in words; empty where none is.</param>
public sealed record WishesView(DateOnly Today, IReadOnlyList<WishView> Wishes, string Limited);
