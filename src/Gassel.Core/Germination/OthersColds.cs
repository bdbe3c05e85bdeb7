namespace Gassel.Core.Germination;

/// <summary>Finished batches of another nursery with the cold they had.</summary>
/// <param name="Nursery">As it calls itself.</param>
public sealed record OthersColds(string Nursery, IReadOnlyList<ColdBatch> Batches);
