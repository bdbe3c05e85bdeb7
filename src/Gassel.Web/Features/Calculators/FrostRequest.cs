namespace Gassel.Web.Features.Calculators;

/// <param name="Daily">Any order, each day once; 1 to 40,000 days.</param>
/// <param name="ThresholdC">0 if left out.</param>
/// <param name="Latitude">Degrees, north positive.</param>
public sealed record FrostRequest(IReadOnlyList<DailyMinimumInput> Daily, double Latitude, double? ThresholdC = null);
