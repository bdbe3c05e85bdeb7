using System.Text.Json;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Data.Readings;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Temperature;

/// <summary>Thermometers that send by themselves: made on a screen, heard without signing in.</summary>
internal static class ThermometerEndpoints
{
    private const string Bearer = "Bearer ";

    public static void MapThermometers(this RouteGroupBuilder api)
    {
        api.MapPost("/thermometers", Make).For(Role.Grower).ProducesProblem(400).ProducesProblem(404);
        api.MapPost("/thermometers/{id:guid}/token", Renew).For(Role.Grower).ProducesProblem(404);
    }

    /// <summary>Reached from the network by its token alone.</summary>
    public static void MapReadingIntake(this IEndpointRouteBuilder app) =>
        app.MapPost("/api/thermometers/{id:guid}/readings", Take)
            .AllowAnonymous()
            .RequireRateLimiting(SignIn.Devices)
            .WithDescription(
                "Authorization: Bearer TOKEN. One { at?, tempC | tempF, humidityPercent? } or an array of at most 10000; without at: now."
            )
            .ProducesProblem(400)
            .ProducesProblem(401)
            .ProducesProblem(413);

    private static async Task<Results<Created<MadeThermometer>, ProblemHttpResult>> Make(
        ThermometerToMake made,
        ThermometerBook book,
        Library library,
        WriteGate gate,
        SiteClock clock
    )
    {
        if (Limits.Text("name", made.Name, 80) is { } nameless)
            return nameless.ToResult();
        var places = await library.Places();
        if (!places.Any(p => p.Id == made.Place))
            return Refusal.NotFound("place", made.Place, $"Valid are {string.Join(", ", places.Select(p => p.Id))}.").ToResult();
        var (id, token) = await book.Make(made.Name.Trim(), made.Place, clock.GetUtcNow(), gate);
        return TypedResults.Created($"/api/thermometers/{id}", new MadeThermometer(id, token));
    }

    private static async Task<Results<Ok<MadeThermometer>, ProblemHttpResult>> Renew(Guid id, ThermometerBook book, WriteGate gate) =>
        await book.Renew(id, gate) is { } token ? TypedResults.Ok(new MadeThermometer(id, token)) : NoSuch(id).ToResult();

    internal static Refusal NoSuch(Guid id) => Refusal.NotFound("thermometer", id, "Choose one of those listed under Site, Temperatures.");

    private static async Task<Results<Ok<ReadingsTaken>, ProblemHttpResult>> Take(
        Guid id,
        HttpRequest request,
        ThermometerBook book,
        ReadingIntake intake,
        SiteClock clock,
        CancellationToken cancel
    )
    {
        var header = request.Headers.Authorization.ToString();
        var token = header.StartsWith(Bearer, StringComparison.OrdinalIgnoreCase) ? header[Bearer.Length..].Trim() : "";
        // a wrong id and a wrong token are answered alike
        if (await book.Find(id) is not { } thermometer || !ThermometerBook.Fits(thermometer, token))
            return Refused("Authorization", "The token is missing or not that of this thermometer.", StatusCodes.Status401Unauthorized);
        if (!thermometer.Attached)
            return Refused(
                "id",
                "This thermometer was taken off; attach it again under Site, Temperatures.",
                StatusCodes.Status409Conflict
            );
        if (!request.HasJsonContentType())
            return Refused("Content-Type", "The content type must be application/json.", StatusCodes.Status415UnsupportedMediaType);
        JsonDocument body;
        try
        {
            body = await JsonDocument.ParseAsync(request.Body, new() { MaxDepth = 4 }, cancel);
        }
        catch (JsonException malformed)
        {
            return Refused("body", $"The body is not well-formed JSON, line {(malformed.LineNumber ?? 0) + 1}.", 400);
        }
        using (body)
        {
            if (body.RootElement.ValueKind == JsonValueKind.Array && body.RootElement.GetArrayLength() is > SentReading.Most and var many)
                return Limits.Count("body", many, 1, SentReading.Most)!.ToResult();
            var (good, humidity, refused) = SentReading.Read(body.RootElement, clock.GetUtcNow());
            if (good.Count > 0)
                await intake.Keep(new(thermometer.Series, thermometer.PlaceId, good, humidity), cancel);
            return TypedResults.Ok(new ReadingsTaken(good.Count, refused));
        }
    }

    private static ProblemHttpResult Refused(string field, string why, int status) =>
        new Refusal(field, why, status, status == StatusCodes.Status401Unauthorized ? "Not signed in" : "Not accepted").ToResult();
}
