using Gassel.Core.Germination;

namespace Gassel.Web.Features.Learning;

/// <summary>How the forecasts of one kind did.</summary>
/// <param name="Forecasts">The newest last.</param>
/// <param name="Words">Of all of them together.</param>
/// <param name="Width">So many times as wide as they were, nine in ten would have held; null where that cannot be said.</param>
public sealed record ForecastsView(
    ForecastKind Kind,
    IReadOnlyList<ForecastBeside> Forecasts,
    string Words,
    double? Width,
    IReadOnlyList<string> Working
);
