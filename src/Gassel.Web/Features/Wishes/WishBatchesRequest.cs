namespace Gassel.Web.Features.Wishes;

/// <summary>Batches to be made, all or none.</summary>
/// <param name="Starts">Of the wishes meant, each with the id of the batch it is to become.</param>
public sealed record WishBatchesRequest(IReadOnlyList<WishBatch> Starts, string Who);
