namespace Gassel.Core.Germination;

/// <summary>A finished batch as it tells of the cold it had.</summary>
/// <param name="ColdDays">Days of cold, as the grower counts them.</param>
/// <param name="Sown">1 or more.</param>
/// <param name="Emerged">0 to <paramref name="Sown"/>.</param>
public sealed record ColdBatch(double ColdDays, int Sown, int Emerged);
