using System.Globalization;
using Gassel.Core;
using Gassel.Core.Record;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Data.Rows;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Site;

/// <summary>The grower's own places: made, renamed, put in order, retired.</summary>
internal static class PlaceEndpoints
{
    private const int MostPlaces = 200;

    public static void MapPlaces(this RouteGroupBuilder api)
    {
        api.MapGet("/places", (Library library) => library.Places());
        api.MapGet("/place-kinds", () => (IReadOnlyList<PlaceKindView>)[.. Enum.GetValues<PlaceKind>().Select(PlaceKindView.Of)]);
        api.MapPost("/places", Make).For(Role.Grower).ProducesProblem(400).ProducesProblem(409);
        api.MapPut("/places/{id}", Change).For(Role.Grower).ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        api.MapPut("/places", PutInOrder).For(Role.Grower).ProducesProblem(400);
    }

    private static async Task<Results<Created<Place>, ProblemHttpResult>> Make(
        PlaceToKeep place,
        Func<GasselDb> connect,
        WriteGate gate,
        Library library,
        CancellationToken cancel
    )
    {
        if (Check(place) is { } refusal)
            return refusal.ToResult();
        return await gate.Write<Results<Created<Place>, ProblemHttpResult>>(
            async () =>
            {
                await using var db = connect();
                var rows = await db.Places.ToListAsync(CancellationToken.None);
                if (rows.Count >= MostPlaces)
                    return new Refusal("name", $"A book holds {MostPlaces} places; rename one that is not used any more.").ToResult();
                if (Taken(rows, place.Name, null) is { } taken)
                    return taken.ToResult();
                var row = new PlaceRow
                {
                    Id = NewId(place.Name, [.. rows.Select(r => r.Id)]),
                    Name = "",
                    Kind = place.Kind,
                    Position = rows.Select(r => r.Position).DefaultIfEmpty(-1).Max() + 1,
                };
                Put(place, row, null);
                db.Places.Add(row);
                await db.SaveChangesAsync(CancellationToken.None);
                library.Forget();
                return TypedResults.Created($"/api/places/{row.Id}", row.ToPlace());
            },
            cancel
        );
    }

    private static async Task<Results<Ok<Place>, ProblemHttpResult>> Change(
        string id,
        PlaceToKeep place,
        Func<GasselDb> connect,
        WriteGate gate,
        Library library,
        BatchShelf shelf,
        SiteClock clock,
        CancellationToken cancel
    )
    {
        if (Check(place) is { } refusal)
            return refusal.ToResult();
        return await gate.Write<Results<Ok<Place>, ProblemHttpResult>>(
            async () =>
            {
                await using var db = connect();
                var rows = await db.Places.ToListAsync(CancellationToken.None);
                if (rows.FirstOrDefault(r => r.Id == id) is not { } row)
                    return Refusal.NotFound("place", id, $"Places are {string.Join(", ", rows.Select(r => r.Id))}.").ToResult();
                if (row.Kind != place.Kind)
                {
                    return new Refusal(
                        "kind",
                        $"{row.Name} is a {row.Kind.Words()}, and what stood there was kept by that. Add another place and retire this one."
                    ).ToResult();
                }
                if (Taken(rows, place.Name, id) is { } taken)
                    return taken.ToResult();
                if (place.Retired && row.RetiredOn is null && await StillThere(shelf, row) is { } still)
                    return still.ToResult();
                Put(place, row, place.Retired ? row.RetiredOn ?? clock.Today : null);
                await db.SaveChangesAsync(CancellationToken.None);
                library.Forget();
                return TypedResults.Ok(row.ToPlace());
            },
            cancel
        );
    }

    private static async Task<Results<Ok<IReadOnlyList<Place>>, ProblemHttpResult>> PutInOrder(
        IReadOnlyList<string> ids,
        Func<GasselDb> connect,
        WriteGate gate,
        Library library,
        CancellationToken cancel
    ) =>
        await gate.Write<Results<Ok<IReadOnlyList<Place>>, ProblemHttpResult>>(
            async () =>
            {
                await using var db = connect();
                var rows = await db.Places.ToDictionaryAsync(r => r.Id, CancellationToken.None);
                if (ids.Count != rows.Count || !rows.Keys.ToHashSet().SetEquals(ids))
                {
                    var all = string.Join(", ", rows.Keys);
                    return new Refusal("ids", $"The order names {ids.Count} places; valid is each of these once: {all}.").ToResult();
                }
                for (var i = 0; i < ids.Count; i++)
                    rows[ids[i]].Position = i;
                await db.SaveChangesAsync(CancellationToken.None);
                library.Forget();
                return TypedResults.Ok(await library.Places());
            },
            cancel
        );

    private static void Put(PlaceToKeep place, PlaceRow row, DateOnly? retiredOn)
    {
        (row.Name, row.AssumedC, row.NightC, row.Capacity) = (place.Name.Trim(), place.DayC, place.NightC, place.Capacity);
        (row.LampsOn, row.LampsOff, row.RetiredOn, row.Looks) = (place.Lamps?.On, place.Lamps?.Off, retiredOn, place.Looks);
        row.Exposure = place.Kind == PlaceKind.Yard ? place.Exposure ?? Exposure.Open : null;
    }

    private static Refusal? Check(PlaceToKeep place) =>
        Limits.Text("name", place.Name, 60)
        ?? Limits.Number("dayC", place.DayC, -40, 50)
        ?? Limits.Number("nightC", place.NightC ?? 0, -40, 50)
        ?? Limits.Whole("capacity", place.Capacity ?? 0, 0, 100_000)
        ?? (
            place.Exposure is not null && place.Kind != PlaceKind.Yard
                ? new("exposure", $"Only a spot in the yard has an exposure; leave it out for a {place.Kind.Words()}.")
                : null
        );

    private static Refusal? Taken(IEnumerable<PlaceRow> rows, string name, string? own) =>
        rows.FirstOrDefault(r => r.Id != own && string.Equals(r.Name, name.Trim(), StringComparison.OrdinalIgnoreCase)) is { } other
            ? new("name", $"There is a place named {other.Name} already; choose another name.", 409)
            : null;

    private static async Task<Refusal?> StillThere(BatchShelf shelf, PlaceRow row)
    {
        var there = (await shelf.All())
            .Where(b => b.State.Living.Any(p => p.Place == row.Id && !p.IsDone(b.Plan)))
            .Select(b => Text.Of($"B-{b.Row.Number}"))
            .ToList();
        return there.Count == 0
            ? null
            : new("retired", $"{string.Join(", ", there)} still stand at {row.Name}; move them first, then retire it.", 409);
    }

    /// <summary>Short, readable, and no two the same; a place keeps it when it is renamed.</summary>
    private static string NewId(string name, HashSet<string> taken)
    {
        var plain = new string([.. name.Trim().ToLowerInvariant().Select(c => char.IsAsciiLetterOrDigit(c) ? c : '-')]).Trim('-');
        var id = plain.Length == 0 ? "place" : plain;
        return taken.Add(id)
            ? id
            : Enumerable.Range(2, taken.Count + 1).Select(n => id + "-" + n.ToString(CultureInfo.InvariantCulture)).First(taken.Add);
    }
}
