using Gassel.Core.Climate;

namespace Gassel.Web.Features.Weather;

/// <summary>A day to come; null where nobody said.</summary>
/// <param name="UsualLowC">Mean low of the day in the years on record; null without them. So with the high.</param>
public sealed record ForecastLine(
    DateOnly Date,
    double? LowC,
    double? HighC,
    double? GustKmh,
    double? RainMm,
    double? SnowCm,
    ForecastSource? Source,
    string? By,
    DateTimeOffset? ToldAt,
    double? UsualLowC,
    double? UsualHighC
);
