namespace Gassel.Web.Features.Wishes;

/// <param name="Batch">UUID made by the device; the same twice makes one batch.</param>
/// <param name="On">Its first step starts on that day.</param>
public sealed record WishBatch(Guid Wish, Guid Batch, DateOnly On);
