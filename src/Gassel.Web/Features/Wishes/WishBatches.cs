namespace Gassel.Web.Features.Wishes;

/// <param name="Numbers">Of the batches that were made.</param>
public sealed record WishBatches(IReadOnlyList<int> Numbers);
