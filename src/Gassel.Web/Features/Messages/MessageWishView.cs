namespace Gassel.Web.Features.Messages;

public sealed record MessageWishView(int Id, MessageWish Wish);
