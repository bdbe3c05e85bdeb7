using Gassel.Core.Climate;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Web.Features.People;
using Gassel.Web.Features.Weather;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Forecasts;

/// <summary>The weather to come: what is known of it, and telling it by hand.</summary>
internal static class ForecastEndpoints
{
    /// <summary>Days shown and typed.</summary>
    private const int DaysShown = 10;

    /// <summary>Nights of other years beside a forecast that is missing.</summary>
    private const int NightsAhead = 4;

    /// <summary>So far back forecasts are set beside what came, days.</summary>
    private const int SkillDays = 200;

    public static void MapForecast(this RouteGroupBuilder api)
    {
        api.MapGet("/forecast", Known);
        api.MapPost("/forecast", Tell).For(Role.Volunteer).ProducesProblem(400);
    }

    private static async Task<ForecastView> Known(YardWeather weather, ForecastBook words, SiteClock clock, CancellationToken cancel)
    {
        var forecast = await weather.Forecast(cancel);
        var (today, record, offsetK) = (clock.Today, weather.Record(), clock.Settings.FrostOffsetK);
        var told = forecast.Days.ToDictionary(d => d.Date);
        var skill = ForecastSkill.Of(await words.From(today.AddDays(-SkillDays)), await weather.OwnDays(), forecast.At.Offset);
        return new(
            forecast.State,
            forecast.Words,
            NightsOnRecord.Of(record, today, NightsAhead, offsetK)?.Words,
            skill?.Words,
            forecast.Until,
            [
                .. Enumerable
                    .Range(0, DaysShown + 1)
                    .Select(i => today.AddDays(i))
                    .Select(day => told.TryGetValue(day, out var word) ? ForecastLine.Of(word) : new(day)),
            ]
        );
    }

    private static async Task<Results<Ok<ForecastView>, ProblemHttpResult>> Tell(
        ForecastToTell told,
        Asker asker,
        YardWeather weather,
        ForecastBook words,
        WriteGate gate,
        SiteClock clock,
        CancellationToken cancel
    )
    {
        if (told.Check(clock.Today) is { } wrong)
            return wrong.ToResult();
        var (now, by) = (clock.GetUtcNow(), asker.Sign(told.Who));
        await words.Add(
            told.Days.Select(d => new ForecastWord(
                d.Date,
                d.LowC,
                d.HighC,
                d.GustKmh,
                d.RainMm,
                d.SnowCm,
                now,
                ForecastSource.Typed,
                $"typed by {by}"
            )),
            gate,
            cancel
        );
        return TypedResults.Ok(await Known(weather, words, clock, cancel));
    }
}
