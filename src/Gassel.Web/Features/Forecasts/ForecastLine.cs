using Gassel.Core.Climate;

namespace Gassel.Web.Features.Forecasts;

/// <summary>A day to come; null where nobody said.</summary>
public sealed record ForecastLine(
    DateOnly Date,
    double? LowC = null,
    double? HighC = null,
    double? GustKmh = null,
    double? RainMm = null,
    double? SnowCm = null,
    ForecastSource? Source = null,
    string? By = null,
    DateTimeOffset? ToldAt = null
)
{
    internal static ForecastLine Of(ForecastWord word) =>
        new(word.Date, word.LowC, word.HighC, word.GustKmh, word.RainMm, word.SnowCm, word.Source, word.By, word.ToldAt);
}
