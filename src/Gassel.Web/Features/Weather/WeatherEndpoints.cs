using Gassel.Core.Climate;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Gassel.Web.Features.Weather;

internal static class WeatherEndpoints
{
    /// <summary>A hundred years of days with room for other columns.</summary>
    private const int MaxBytes = 8_000_000;

    public static void MapWeather(this RouteGroupBuilder api)
    {
        api.MapGet("/weather-records", (WeatherBook weather) => weather.Records());
        api.MapGet("/weather-records/{id:int}/frost", Frost).ProducesProblem(404).ProducesProblem(400);
        api.MapPost("/weather-file", ReadFile)
            .For(Role.Grower)
            .Accepts<string>("text/csv")
            .WithMetadata(new RequestSizeLimitAttribute(MaxBytes))
            .ProducesProblem(400)
            .ProducesProblem(413)
            .ProducesProblem(415);
    }

    private static async Task<Results<Ok<FrostView>, ProblemHttpResult>> Frost(int id, WeatherBook weather, SiteClock clock)
    {
        if ((await weather.Records()).SingleOrDefault(r => r.Id == id) is not { } record)
            return Refusal.NotFound("weather record", id, "Choose one of those on Site.").ToResult();
        if (clock.Site is not { } site)
            return new Refusal("site", "Frost needs the latitude of the site; name the site first.").ToResult();
        var outlook = weather.Outlook(id, site.Latitude, clock.Settings.FrostOffsetK);
        return TypedResults.Ok(
            new FrostView(
                record,
                Math.Min(outlook.Frost.SpringYearsUsed, outlook.Frost.AutumnYearsUsed) >= FrostDates.YearsForARisk,
                [
                    .. outlook.Thresholds.Select(t => new ThresholdView(
                        t.ThresholdC,
                        t.Hurts,
                        FrostSentences.Spring(t.Frost),
                        FrostSentences.Autumn(t.Frost),
                        t.Frost
                    )),
                ],
                outlook.GroundFreeze,
                FrostSentences.Ground(outlook.GroundFreeze)
            )
        );
    }

    /// <summary>Judges every row by the columns named, or guessed where none are; with <c>save</c> the good days become a record.</summary>
    private static async Task<Results<Ok<WeatherFileReport>, ProblemHttpResult>> ReadFile(
        string? name,
        string? dateColumn,
        string? minColumn,
        string? maxColumn,
        string? order,
        string? unit,
        HttpRequest request,
        WeatherBook weather,
        WriteGate gate,
        SiteClock clock,
        CancellationToken cancel,
        bool save = false
    )
    {
        var (question, unclear) = WeatherFileQuestion.From(dateColumn, minColumn, maxColumn, order, unit);
        if (question is null)
            return unclear!.ToResult();
        using var body = new MemoryStream();
        await request.Body.CopyToAsync(body, cancel);
        var (reading, refusal) = WeatherFile.Read(body.ToArray(), question);
        if (reading is null)
            return refusal!.ToResult();
        var (report, days) = reading.Value;
        if (!save)
            return TypedResults.Ok(report);
        if (Limits.Text("name", name, 80) is { } nameless)
            return nameless.ToResult();
        if (days.Count == 0)
            return new Refusal("file", "No row of the file can be used; look at the first refused rows.").ToResult();
        var id = await weather.Add(name!.Trim(), generated: false, clock.GetUtcNow(), days, gate, cancel);
        return TypedResults.Ok(report with { SavedAs = id });
    }
}
