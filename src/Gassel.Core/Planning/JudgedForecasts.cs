using Gassel.Core.Fold;
using Gassel.Core.Germination;
using Gassel.Core.Record;

namespace Gassel.Core.Planning;

/// <summary>What was foretold of a batch when it was planned, beside what came.</summary>
public static class JudgedForecasts
{
    /// <summary>
    /// Its forecasts, as they were kept with the plan. None of a batch that had an accident, which is no fault of a forecast, or whose
    /// truth is not known yet; none of the days outdoors, where the weather has its say.
    /// </summary>
    public static IEnumerable<JudgedForecast> Of(BatchPlan plan, BatchState state, OwnResult result, int batch)
    {
        if (result is { Accident: not null } or { AtLeast: true })
            yield break;
        if (plan.Forecast is { } said)
        {
            var share = (double)result.Germinated / result.Seeds;
            yield return new(ForecastKind.Germination, batch, result.OverOn, said.Low, said.High, said.Mean, share);
        }
        if (
            plan.Route.IsOutdoors
            || plan.GerminateStep is not { } germinate
            || state.Living.MaxBy(p => p.Emerged) is not { Emerged: > 0 } main
        )
            yield break;
        var days = plan.Steps[germinate].Step.Days;
        yield return new(
            ForecastKind.Emergence,
            batch,
            result.OverOn,
            days.Shortest,
            days.Longest,
            days.Usual,
            ObservedWindow.Day(main.CountsSinceSowing(), 0.5)
        );
    }
}
