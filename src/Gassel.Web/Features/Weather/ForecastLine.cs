using Gassel.Core.Climate;

namespace Gassel.Web.Features.Weather;

/// <summary>A day to come; null where nobody said.</summary>
public sealed record ForecastLine(
    DateOnly Date,
    double? LowC,
    double? HighC,
    double? GustKmh,
    double? RainMm,
    double? SnowCm,
    ForecastSource? Source,
    string? By,
    DateTimeOffset? ToldAt
);
