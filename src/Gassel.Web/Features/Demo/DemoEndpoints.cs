using System.Net;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Web.Features.Forecasts;
using Gassel.Web.Features.People;
using Gassel.Web.Features.Temperature;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Demo;

/// <summary>
/// Walks the season of a demo book: its clock goes on, and the simulated devices speak for the time between. A real book has no such thing.
/// </summary>
internal static class DemoEndpoints
{
    private const int MostDays = 31;

    /// <summary>Beyond it the invented weather ends.</summary>
    private static readonly DateOnly End = new(2028, 7, 15);

    public static void MapDemo(this RouteGroupBuilder api)
    {
        api.MapPost("/demo/walk", Walk).For(Role.Volunteer).ProducesProblem(400).ProducesProblem(404);
        api.MapPost("/demo/beside", Open).For(Role.Owner).ProducesProblem(403).ProducesProblem(404);
    }

    private static async Task<Results<Ok<OpenedDemo>, ProblemHttpResult>> Open(
        HttpContext http,
        IDemoBeside demo,
        SiteClock clock,
        CancellationToken cancel
    )
    {
        if (clock.IsDemo)
            return new Refusal(null, "This is the demo already.", StatusCodes.Status404NotFound, "Not found").ToResult();
        // its address is good on this machine alone
        if (http.Connection.RemoteIpAddress is not { } from || !IPAddress.IsLoopback(from))
            return new Refusal(
                null,
                "The demo can be opened only on the computer that Gassel runs on.",
                StatusCodes.Status403Forbidden,
                "Not here"
            ).ToResult();
        return TypedResults.Ok(new OpenedDemo(await demo.Open(cancel)));
    }

    private static async Task<Results<Ok<Walked>, ProblemHttpResult>> Walk(
        WalkRequest request,
        Func<GasselDb> connect,
        WriteGate gate,
        PlayedProbes probes,
        ForecastService forecasts,
        SiteClock clock,
        CancellationToken cancel
    )
    {
        if (!clock.IsDemo)
            return new Refusal(
                null,
                "Only a demo book can skip days; a real book follows the real date.",
                StatusCodes.Status404NotFound,
                "Not found"
            ).ToResult();
        if (Limits.Whole("days", request.Days, 1, MostDays) is { } wrong)
            return wrong.ToResult();
        if (clock.Today.AddDays(request.Days) > End)
            return new Refusal("days", $"The invented weather ends on {End:yyyy-MM-dd}; begin a new demo book.").ToResult();
        var from = clock.GetUtcNow();
        await gate.Write(
            async () =>
            {
                await using var db = connect();
                var site = await db.Sites.SingleAsync(CancellationToken.None);
                site.DemoShowed += (long)TimeSpan.FromDays(request.Days).TotalMilliseconds;
                await db.SaveChangesAsync(CancellationToken.None);
                await clock.Follow(db);
                return true;
            },
            cancel
        );
        var said = await probes.Walk(from, clock.GetUtcNow(), cancel);
        await forecasts.Ask(atOnce: true, cancel);
        return TypedResults.Ok(new Walked(clock.Today, said));
    }
}
