using Gassel.Core;
using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

internal static class SetOutCalculator
{
    private const int MostDays = 300;

    public static IResult Answer(SetOutRequest request, CancellationToken cancel)
    {
        var (rate, need, refusal) = EmergenceCalculator.Thermal(
            request.Route.BaseC,
            request.Route.OptimumC,
            request.Route.CeilingC,
            request.Route.ThermalTime,
            request.Route.Packet,
            "route."
        );
        var (response, unordered) = ChillingCalculator.ResponseOf(
            request.Route.Response,
            "route.response",
            Core.Treatments.ColdResponse.Usual
        );
        var (parameters, wrong) = ContainerCalculator.ParametersOf(request.Preset, request.Parameters);
        refusal ??= unordered ?? wrong ?? Check(request);
        if (refusal is not null)
            return refusal.ToResult();
        var daily = request.Daily.Select(d => new DailyTemperature(d.Date, d.MinC, d.MaxC, d.SnowCm)).ToList();
        if (WinterRuns.WrongHemisphere(daily, request.Latitude) is { } warmest)
        {
            return new Refusal(
                "latitude",
                Text.Of(
                    $"latitude was {request.Latitude}, and the record is warmest in month {warmest}: one of the two is "
                        + $"of the other hemisphere."
                )
            ).ToResult();
        }
        var runs = new WinterRuns(
            daily,
            request.Latitude,
            parameters!,
            new(request.Care?.Cap ?? CapPosition.Off),
            request.Candidates.From,
            cancel
        );
        if (runs.Count == 0)
        {
            return new Refusal(
                "daily",
                $"No winter from {request.Candidates.From:MM-dd} to the summer after it is whole in daily: at least "
                    + $"nine days in ten, and never more than {WeatherFilling.MostDays} missing in a "
                    + $"row.{(runs.LeftOut.Count > 0
                        ? $" Left out: {string.Join("; ", runs.LeftOut.Select(w => $"{w.Year}, {w.Why}"))}" : "")}"
            ).ToResult();
        }
        // a route without a ceiling waits for no warmth that ends it
        var ceiling = request.Route.CeilingC ?? double.PositiveInfinity;
        return TypedResults.Ok(
            runs.For(
                new(request.Route.ColdDays, response, rate, ceiling, need, request.Route.GerminatesInCold, request.Route.KillC),
                Dates(request.Candidates),
                request.AcceptFreeze ?? WinterRuns.AcceptFreeze,
                cancel
            )
        );
    }

    private static List<DateOnly> Dates(SetOutCandidates candidates)
    {
        var dates = new List<DateOnly>();
        for (var day = candidates.From; day <= candidates.To; day = day.AddDays(candidates.EveryDays))
            dates.Add(day);
        return dates;
    }

    private static Refusal? Check(SetOutRequest request)
    {
        var (candidates, route) = (request.Candidates, request.Route);
        var refusal = Limits.Number("acceptFreeze", request.AcceptFreeze ?? 0, 0, 1)
            ?? DailyCheck.Weather(request.Daily)
            ?? Limits.Number("latitude", request.Latitude, -90, 90)
            ?? Limits.Open("route.coldDays", route.ColdDays, 0, 400, includeMax: true)
            ?? Limits.Number("route.killC", route.KillC, -60, 20)
            ?? Limits.Day("candidates.from", candidates.From)
            ?? Limits.Day("candidates.to", candidates.To)
            ?? Limits.Whole("candidates.everyDays", candidates.EveryDays, 1, 60);
        if (refusal is not null)
            return refusal;
        var days = candidates.To.DayNumber - candidates.From.DayNumber;
        if (days < 0)
            return new(
                "candidates.to",
                $"candidates.to was {candidates.To:yyyy-MM-dd}, before from; valid is a day from {candidates.From:yyyy-MM-dd} on."
            );
        return days > MostDays
            ? new(
                "candidates.to",
                $"candidates.to was {candidates.To:yyyy-MM-dd}; valid is a day of the same winter, at most {MostDays} days after from."
            )
            : null;
    }
}
