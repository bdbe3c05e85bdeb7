namespace Gassel.Web.Features.Wishes;

/// <param name="Save">True to keep the good lines.</param>
public sealed record WishesRequest(IReadOnlyList<WishLine> Lines, bool Save, string Who);
