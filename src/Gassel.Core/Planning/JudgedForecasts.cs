using Gassel.Core.Fold;
using Gassel.Core.Germination;
using Gassel.Core.Record;

namespace Gassel.Core.Planning;

/// <summary>What was foretold of a batch when it was planned, beside what came.</summary>
public static class JudgedForecasts
{
    /// <summary>
    /// Its forecasts, as they were kept with the plan. None of a batch that had an accident, which is no fault of a forecast, or whose
    /// truth is not known yet; of the days outdoors, where the weather has its say, the start alone.
    /// </summary>
    /// <param name="planned">Day on which they were made.</param>
    public static IEnumerable<JudgedForecast> Of(BatchPlan plan, BatchState state, OwnResult result, int batch, DateOnly planned)
    {
        if (result is { Accident: not null } or { AtLeast: true })
            yield break;
        if (plan.Forecast is { } said)
        {
            var share = (double)result.Germinated / result.Seeds;
            yield return new(ForecastKind.Germination, batch, result.OverOn, said.Low, said.High, said.Mean, share, said.Widened ?? 1);
        }
        // what was begun before it was planned tells nothing of the plan
        if (state.Living.MaxBy(p => p.Seeds) is { Spans: [var first, ..] } main && planned <= first.Start)
        {
            yield return Begun(plan, first.Start, batch);
            if (Treated(plan, main, batch) is { } treated)
                yield return treated;
        }
        if (plan.Route.IsOutdoors || plan.GerminateStep is null || state.Living.MaxBy(p => p.Emerged) is not { Emerged: > 0 } up)
            yield break;
        var days = plan.ComesUpIn();
        yield return new(
            ForecastKind.Emergence,
            batch,
            result.OverOn,
            days.Shortest,
            days.Longest,
            days.Usual,
            ObservedWindow.Day(up.CountsSinceSowing(), 0.5)
        );
    }

    private static JudgedForecast Begun(BatchPlan plan, DateOnly on, int batch)
    {
        double Off(DateOnly day) => day.DayNumber - plan.Start.DayNumber;
        return new(ForecastKind.Start, batch, on, Math.Min(0, Off(plan.EarliestStart)), Math.Max(0, Off(plan.LatestStart)), 0, Off(on));
    }

    /// <summary>
    /// Null outdoors, where nothing was to be done before sowing, and where the record begins after the first step.
    /// </summary>
    private static JudgedForecast? Treated(BatchPlan plan, PartState part, int batch)
    {
        if (plan.Route.IsOutdoors || plan.GerminateStep is not { } germinate)
            return null;
        var before = plan.Steps.Take(germinate).Where(s => !s.Skipped).ToList();
        if (before.Count == 0 || part.SownOn is not { } sown || part.Spans[0].Step != plan.NextStep(-1))
            return null;
        return new(
            ForecastKind.Treatment,
            batch,
            sown,
            before.Sum(s => s.Step.Days.Shortest),
            before.Sum(s => s.Step.Days.Longest),
            before.Sum(s => s.PlannedDays),
            sown.DayNumber - part.Spans[0].Start.DayNumber
        );
    }
}
