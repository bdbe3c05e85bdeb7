namespace Gassel.Core.Germination;

/// <summary>A finished batch with what was done to its seed.</summary>
/// <param name="Lot">Of which its seed was; batches of one lot are alike beyond their treatment.</param>
/// <param name="Sown">1 or more.</param>
/// <param name="Emerged">0 to <paramref name="Sown"/>.</param>
/// <param name="Had">Cold in days, age in years, the others 1 where they were done and 0 where not. One that is not known is
/// missing.</param>
public sealed record TreatedBatch(string Lot, int Sown, int Emerged, IReadOnlyDictionary<TreatmentFactor, double> Had);
