using Gassel.Core.Growing;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Rounds;

internal static class RoundsEndpoints
{
    /// <summary>Days that a sheet may be printed ahead.</summary>
    private const int MostAhead = 7;

    public static void MapRounds(this RouteGroupBuilder api)
    {
        api.MapGet("/rounds", Today).ProducesProblem(400);
        api.MapGet("/symptoms", () => SymptomAdvice.All);
    }

    /// <param name="on">A day ahead to print the sheet for, at most a week; today if left out.</param>
    private static async Task<Results<Ok<RoundsView>, ProblemHttpResult>> Today(
        string? on,
        RoundsBook rounds,
        SiteClock clock,
        CancellationToken cancel
    )
    {
        var today = clock.Today;
        if (string.IsNullOrEmpty(on))
            return TypedResults.Ok(await rounds.On(today, cancel));
        return DateOnly.TryParseExact(on, "yyyy-MM-dd", out var ahead) && ahead >= today && ahead <= today.AddDays(MostAhead)
            ? TypedResults.Ok(await rounds.On(ahead, cancel))
            : new Refusal("on", $"on was '{on}'; valid is a day from today, {today:yyyy-MM-dd}, to a week ahead.").ToResult();
    }
}
