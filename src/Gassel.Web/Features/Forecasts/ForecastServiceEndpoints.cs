using Gassel.Data;
using Gassel.Data.People;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Gassel.Web.Features.Forecasts;

/// <summary>The weather to come from outside: a service that is asked each hour, and files.</summary>
internal static class ForecastServiceEndpoints
{
    private const int MostFileBytes = 1_000_000;

    public static void MapForecastService(this RouteGroupBuilder api)
    {
        api.MapGet("/forecast/service", Known).For(Role.Grower);
        api.MapPut("/forecast/service", Use).For(Role.Owner).ProducesProblem(400);
        api.MapDelete("/forecast/service", Drop).For(Role.Owner);
        api.MapPost("/forecast/service/try", Try).For(Role.Owner).ProducesProblem(400);
        api.MapPost("/forecast/service/ask", AskNow).For(Role.Grower);
        api.MapPost("/forecast-file", ReadFile)
            .For(Role.Volunteer)
            .Accepts<string>("text/csv")
            .WithMetadata(new RequestSizeLimitAttribute(MostFileBytes))
            .ProducesProblem(400)
            .ProducesProblem(413)
            .ProducesProblem(415);
    }

    private static async Task<ForecastServiceView> Known(ForecastBook book)
    {
        if (await book.Service() is not { } row)
            return new(null, null, null, null, null);
        var service = CoreJson.Read<ForecastServiceToUse>(row.Service);
        return new(
            service with
            {
                Headers = [.. (service.Headers ?? []).Select(h => h with { Value = null })],
            },
            Moment(row.AskedAt),
            Moment(row.ToldAt),
            Moment(row.NextAt),
            row.Fault
        );
    }

    private static DateTimeOffset? Moment(long? unixMs) => unixMs is { } ms ? DateTimeOffset.FromUnixTimeMilliseconds(ms) : null;

    private static async Task<Results<Ok<ForecastServiceView>, ProblemHttpResult>> Use(
        ForecastServiceToUse service,
        ForecastBook book,
        ForecastService asking,
        WriteGate gate,
        CancellationToken cancel
    )
    {
        if (service.Check() is { } wrong)
            return wrong.ToResult();
        var (whole, missing) = await WithKeptKeys(service, book);
        if (missing is not null)
            return missing.ToResult();
        await book.Use(CoreJson.Write(whole), gate);
        await asking.Ask(atOnce: true, cancel);
        return TypedResults.Ok(await Known(book));
    }

    private static async Task<ForecastServiceView> Drop(ForecastBook book, WriteGate gate)
    {
        await book.Use(null, gate);
        return await Known(book);
    }

    private static async Task<Results<Ok<ForecastTrial>, ProblemHttpResult>> Try(
        ForecastServiceToUse service,
        ForecastBook book,
        ForecastQuestion question,
        SiteClock clock,
        CancellationToken cancel
    )
    {
        if (service.Check() is { } wrong)
            return wrong.ToResult();
        var (whole, missing) = await WithKeptKeys(service, book);
        if (missing is not null)
            return missing.ToResult();
        var answer = await question.Ask(whole, clock.Today, cancel);
        return TypedResults.Ok(ForecastTrial.Of(answer.Text, answer.Reading, answer.Fault));
    }

    private static async Task<ForecastServiceView> AskNow(ForecastBook book, ForecastService asking, CancellationToken cancel)
    {
        await asking.Ask(atOnce: true, cancel);
        return await Known(book);
    }

    /// <summary>A header without its value keeps the one it had, at the same host: a key is not carried to another.</summary>
    private static async Task<(ForecastServiceToUse Service, Refusal? Missing)> WithKeptKeys(
        ForecastServiceToUse service,
        ForecastBook book
    )
    {
        var old = await book.Service() is { } row ? CoreJson.Read<ForecastServiceToUse>(row.Service) : null;
        var kept = old is not null && Host(old) == Host(service) ? old.Headers ?? [] : [];
        List<ForecastHeader> headers =
        [
            .. (service.Headers ?? []).Select(h => h.Value is null ? kept.FirstOrDefault(k => k.Name == h.Name) ?? h : h),
        ];
        var empty = headers.FindIndex(h => h.Value is null);
        return (
            service with
            {
                Headers = headers,
            },
            empty < 0 ? null : new($"headers[{empty}].value", $"headers[{empty}].value is empty; enter what the header shall say.")
        );
    }

    private static string Host(ForecastServiceToUse service) =>
        new Uri(service.Address.Replace("{", "", StringComparison.Ordinal).Replace("}", "", StringComparison.Ordinal)).Host;

    /// <summary>Judges every row by the columns named, or guessed where none are; with <c>save</c> the good days are kept.</summary>
    private static async Task<Results<Ok<ForecastTrial>, ProblemHttpResult>> ReadFile(
        string? who,
        HttpRequest request,
        Asker asker,
        ForecastBook book,
        WriteGate gate,
        SiteClock clock,
        CancellationToken cancel,
        bool save = false
    )
    {
        var (question, unclear) = ForecastFileQuestion.From(request.Query);
        if (question is null)
            return unclear!.ToResult();
        if (Limits.Text("who", who, 40) is { } nameless)
            return nameless.ToResult();
        using var body = new MemoryStream();
        await request.Body.CopyToAsync(body, cancel);
        var (trial, reading, refusal) = ForecastFile.Read(body.ToArray(), question, asker.Sign(who!), clock);
        if (refusal is not null)
            return refusal.ToResult();
        if (!save)
            return TypedResults.Ok(trial!);
        if (trial!.Fault is { } fault)
            return new Refusal(trial.Field, fault).ToResult();
        await book.Add(reading!.Days, gate, cancel);
        return TypedResults.Ok(trial with { Saved = true });
    }
}
