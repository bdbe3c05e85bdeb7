namespace Gassel.Web.Features.Forecasts;

/// <summary>One day as somebody types it; what is left out is not told.</summary>
/// <param name="LowC">Of the night that ends on the day, °C.</param>
/// <param name="GustKmh">Strongest wind, km/h.</param>
/// <param name="RainMm">mm.</param>
/// <param name="SnowCm">Depth on the ground, cm.</param>
public sealed record ForecastDay(
    DateOnly Date,
    double? LowC = null,
    double? HighC = null,
    double? GustKmh = null,
    double? RainMm = null,
    double? SnowCm = null
);
