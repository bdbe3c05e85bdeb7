using System.Buffers.Text;
using System.Security.Cryptography;
using System.Text;
using Gassel.Core.Due;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.People;
using Gassel.Web.Features.Wishes;
using Gassel.Web.Features.Yard;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Calendar;

/// <summary>The whole plan as an iCalendar file, and as a feed at an address that cannot be guessed and can be taken back.</summary>
internal static class CalendarEndpoints
{
    private const string ContentType = "text/calendar; charset=utf-8";

    /// <summary>256 bits: nobody guesses it.</summary>
    private const int TokenBytes = 32;

    public static void MapCalendar(this RouteGroupBuilder api)
    {
        api.MapGet("/calendar", (SiteClock clock) => new CalendarAddress(PathOf(clock.Site?.CalendarToken))).For(Role.Grower);
        api.MapGet("/calendar.ics", async (Library library, OutdoorBatches shelf, SetAside aside, WishGrounds wishes) =>
                Results.File(await File(library, shelf, aside, wishes), ContentType, "gassel.ics")
            )
            .Produces<string>(200, "text/calendar");
        api.MapPost("/calendar/address", (Func<GasselDb> connect, WriteGate gate, SiteClock clock, CancellationToken cancel) =>
                Set(Base64Url.EncodeToString(RandomNumberGenerator.GetBytes(TokenBytes)), connect, gate, clock, cancel)
            )
            .For(Role.Grower)
            .ProducesProblem(400);
        api.MapDelete("/calendar/address", (Func<GasselDb> connect, WriteGate gate, SiteClock clock, CancellationToken cancel) =>
                Set(null, connect, gate, clock, cancel)
            )
            .For(Role.Grower)
            .ProducesProblem(400);
    }

    /// <summary>Outside the API: a calendar program knows nothing but this address.</summary>
    public static void MapCalendarFeed(this IEndpointRouteBuilder app) =>
        app.MapGet(
                "/calendar/{name}.ics",
                async (
                    string name,
                    Library library,
                    OutdoorBatches shelf,
                    SetAside aside,
                    SiteClock clock,
                    WishGrounds wishes,
                    HttpContext context
                ) =>
                {
                    if (
                        clock.Site?.CalendarToken is not { } token
                        || !CryptographicOperations.FixedTimeEquals(Encoding.ASCII.GetBytes(token), Encoding.ASCII.GetBytes(name))
                    )
                    {
                        return (IResult)
                            Refusal
                                .NotFound(
                                    "calendar",
                                    "at this address",
                                    "It was withdrawn or never existed; see Season for the current one."
                                )
                                .ToResult();
                    }
                    context.Response.Headers.CacheControl = "no-cache";
                    return Results.File(await File(library, shelf, aside, wishes), ContentType);
                }
            )
            .ExcludeFromDescription();

    private static async Task<byte[]> File(Library library, OutdoorBatches shelf, SetAside aside, WishGrounds wishes)
    {
        var clock = wishes.Plan.Clock;
        // an event that moved is to replace the one of the day before
        var starts = (await WishCalendar.Days(wishes)).Select(w => new CalendarEntry(
            $"{w.Wish:N}-{w.Day.Key}@gassel",
            clock.Today.DayNumber,
            w.Day
        ));
        var species = (await library.Species()).ToDictionary(s => s.Id);
        var batches = await shelf.All();
        var days = aside.Many(batches, b =>
            CalendarPlan
                .Of(
                    b.Plan,
                    b.State,
                    species[b.Row.SpeciesId],
                    clock.Settings.CheckSchool,
                    $"B-{b.Row.Number} {species[b.Row.SpeciesId].CommonName}",
                    clock.Today
                )
                .Select(d => new CalendarEntry($"{b.Row.Id:N}-{d.Key}@gassel", b.State.LastSequence, d))
        );
        return Encoding.UTF8.GetBytes(
            CalendarFile.Write(clock.Site?.Name ?? "Gassel", days.Concat(starts), clock.GetUtcNow(), clock.Speaker)
        );
    }

    private static Task<Results<Ok<CalendarAddress>, ProblemHttpResult>> Set(
        string? token,
        Func<GasselDb> connect,
        WriteGate gate,
        SiteClock clock,
        CancellationToken cancel
    ) =>
        gate.Write<Results<Ok<CalendarAddress>, ProblemHttpResult>>(
            async () =>
            {
                await using var db = connect();
                if (await db.Sites.SingleOrDefaultAsync(CancellationToken.None) is not { } site)
                    return new Refusal("site", "Name the site first; the feed belongs to it.").ToResult();
                site.CalendarToken = token;
                await db.SaveChangesAsync(CancellationToken.None);
                await clock.Follow(db);
                return TypedResults.Ok(new CalendarAddress(PathOf(token)));
            },
            cancel
        );

    private static string? PathOf(string? token) => token is null ? null : $"/calendar/{token}.ics";
}
