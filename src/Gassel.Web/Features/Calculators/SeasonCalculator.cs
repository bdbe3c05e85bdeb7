using Gassel.Core.Planning;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Calculators;

internal static class SeasonCalculator
{
    private const int MostPlaces = 60;
    private const int MostWishes = 1000;

    /// <summary>Over all wishes: more than these are not looked through in a minute.</summary>
    private const int MostStarts = 60_000;

    public static async Task<IResult> Answer(SeasonRequest request, SeasonDesk desk, CancellationToken cancel)
    {
        if (Check(request) is { } refusal)
            return refusal.ToResult();
        return TypedResults.Ok(
            await desk.Solve(new(request.Places, request.Wishes, []), TimeSpan.FromSeconds(request.Seconds ?? 10), cancel)
        );
    }

    private static Refusal? Check(SeasonRequest request)
    {
        var refusal = Limits.Day("from", request.From)
            ?? Limits.Day("to", request.To)
            ?? (
                request.To < request.From
                    ? new Refusal("to", $"to was {request.To:yyyy-MM-dd}; valid is {request.From:yyyy-MM-dd} or later.")
                    : null
            )
            ?? Limits.Number("seconds", request.Seconds ?? 10, 1, 60)
            ?? Limits.Count("places", request.Places.Count, 1, MostPlaces)
            ?? Limits.Count("wishes", request.Wishes.Count, 1, MostWishes);
        for (var i = 0; refusal is null && i < request.Places.Count; i++)
        {
            var (at, place) = ($"places[{i}]", request.Places[i]);
            refusal = place is null
                ? new(at, $"{at} is null; a place with id and room is needed.")
                : Limits.Text($"{at}.id", place.Id, 100)
                    ?? Limits.Whole($"{at}.room", place.Room, 0, 1_000_000)
                    ?? (
                        request.Places.Take(i).Any(p => p.Id == place.Id)
                            ? new Refusal($"{at}.id", $"{at}.id was '{place.Id}', which another place has; valid is one of its own.")
                            : null
                    );
        }
        var (ids, places, starts) = (new HashSet<string>(), request.Places.Select(p => p?.Id).ToHashSet(), 0L);
        for (var i = 0; refusal is null && i < request.Wishes.Count; i++)
        {
            var at = $"wishes[{i}]";
            refusal = Check(at, request.Wishes[i], request, places);
            if (refusal is null && !ids.Add(request.Wishes[i].Id))
                refusal = new($"{at}.id", $"{at}.id was '{request.Wishes[i].Id}', which another wish has; valid is one of its own.");
            starts += refusal is null ? request.Wishes[i].Latest.DayNumber - request.Wishes[i].Earliest.DayNumber + 1 : 0;
        }
        return refusal
            ?? (
                starts > MostStarts
                    ? new(
                        "wishes",
                        $"The wishes have {starts} possible starts; valid are up to {MostStarts} in all: ask for narrower windows."
                    )
                    : null
            );
    }

    private static Refusal? Check(string at, SeasonWish? wish, SeasonRequest request, HashSet<string?> places)
    {
        if (wish is null)
            return new(at, $"{at} is null; a wish with id, steps, target, earliest and latest is needed.");
        var refusal = Limits.Text($"{at}.id", wish.Id, 100)
            ?? Limits.Whole($"{at}.priority", wish.Priority, 1, 1000)
            ?? Within($"{at}.earliest", wish.Earliest, request.From, request.To)
            ?? Within($"{at}.latest", wish.Latest, wish.Earliest, request.To)
            ?? Within($"{at}.target", wish.Target, wish.Earliest, wish.Latest)
            ?? (wish.Steps is null ? new Refusal($"{at}.steps", $"{at}.steps is missing; valid are 1 to 20 steps.") : null)
            ?? Limits.Count($"{at}.steps", wish.Steps!.Count, 1, 20);
        for (var i = 0; refusal is null && i < wish.Steps!.Count; i++)
        {
            var (step, name) = (wish.Steps[i], $"{at}.steps[{i}]");
            refusal = step is null
                ? new(name, $"{name} is null; a step with place, room and days is needed.")
                : Limits.Whole($"{name}.room", step.Room, 1, 1_000_000)
                    ?? Limits.Whole($"{name}.days", step.Days, 1, 1500)
                    ?? (
                        places.Contains(step.Place)
                            ? null
                            : new Refusal($"{name}.place", $"{name}.place was '{step.Place}'; valid is the id of one of places.")
                    );
        }
        return refusal;
    }

    private static Refusal? Within(string field, DateOnly day, DateOnly from, DateOnly to) =>
        day < from || day > to ? new(field, $"{field} was {day:yyyy-MM-dd}; valid is {from:yyyy-MM-dd} to {to:yyyy-MM-dd}.") : null;
}
