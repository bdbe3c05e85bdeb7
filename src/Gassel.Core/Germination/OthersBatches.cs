namespace Gassel.Core.Germination;

/// <summary>Finished batches of another nursery that speak for a route.</summary>
/// <param name="Nursery">As it calls itself.</param>
public sealed record OthersBatches(string Nursery, IReadOnlyList<PastBatch> Batches);
