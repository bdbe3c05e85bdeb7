namespace Gassel.Web.Features.Batches;

/// <param name="Sequence">Of the newest entry of the batch; it goes up with every recording.</param>
public sealed record Recording(Guid Batch, long Sequence);
