using Gassel.Core.Planning;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Data.Rows;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Wishes;

/// <summary>The list of what is wanted, from which a winter is planned.</summary>
internal static class WishEndpoints
{
    private const int MaxLines = 500;

    public static void MapWishes(this RouteGroupBuilder api)
    {
        api.MapGet("/wishes", async (WishGrounds wishes) => TypedResults.Ok(await WishViews.Of(wishes))).For(Role.Volunteer);
        api.MapPost("/wishes/lines", Lines).For(Role.Grower).ProducesProblem(400);
        api.MapPost("/wishes", Enter).For(Role.Grower).ProducesProblem(400);
        api.MapPut("/wishes/{id:guid}", Change).For(Role.Grower).ProducesProblem(400).ProducesProblem(404);
        api.MapPost("/wishes/{id:guid}/split", Split).For(Role.Grower).ProducesProblem(400).ProducesProblem(404);
        api.MapDelete("/wishes/{id:guid}", Remove).For(Role.Grower).ProducesProblem(404);
        api.MapPost("/wishes/season", Solve).For(Role.Volunteer).ProducesProblem(400);
        api.MapPost("/wishes/batches", WishConfirmation.Make).For(Role.Grower).ProducesProblem(400);
    }

    private static Results<Ok<IReadOnlyList<WishLine>>, ProblemHttpResult> Lines(WishText text)
    {
        var (lines, refusal) = WishTable.Read(text.Text);
        return lines is null ? refusal!.ToResult() : TypedResults.Ok(lines);
    }

    private static async Task<Results<Ok<WishReport>, ProblemHttpResult>> Enter(
        WishesRequest request,
        Asker asker,
        Func<GasselDb> connect,
        WriteGate gate,
        WishGrounds wishes,
        CancellationToken cancel
    )
    {
        if ((Limits.Text("who", request.Who, 40) ?? Limits.Count("lines", request.Lines.Count, 1, MaxLines)) is { } refusal)
            return refusal.ToResult();
        if (request.Lines.Any(l => l is null))
            return new Refusal("lines", "A line is null; valid are lines with species and plants.").ToResult();
        var judge = new WishJudge(
            await wishes.Plan.Library.Species(),
            await wishes.Plan.Lots.All(),
            wishes.Plan.Clock.Settings.Units,
            wishes.Plan.Clock.Today
        );
        var judged = request.Lines.Select(judge.Judge).ToList();
        var good = judged.Where(j => j.Good is not null).Select(j => j.Good!).ToList();
        var numbers =
            request.Save && good.Count > 0 ? await Keep(good, asker.Sign(request.Who), connect, gate, wishes.Plan.Clock, cancel) : [];
        wishes.Kept.Forget();
        return TypedResults.Ok(new WishReport([.. judged.Select(j => j.Verdict)], good.Count, judged.Count - good.Count, numbers));
    }

    private static Task<IReadOnlyList<int>> Keep(
        IReadOnlyList<Wish> good,
        string who,
        Func<GasselDb> connect,
        WriteGate gate,
        SiteClock clock,
        CancellationToken cancel
    ) =>
        gate.Write<IReadOnlyList<int>>(
            async () =>
            {
                await using var db = connect();
                var number = await db.Wishes.MaxAsync(w => (int?)w.Number, CancellationToken.None) ?? 0;
                var now = clock.GetUtcNow();
                var rows = good.Select(wish => new WishRow
                    {
                        Id = Guid.CreateVersion7(now),
                        Number = ++number,
                        Wish = CoreJson.Write(wish),
                        MadeAt = now.ToUnixTimeMilliseconds(),
                        Who = who,
                    })
                    .ToList();
                db.Wishes.AddRange(rows);
                await db.SaveChangesAsync(CancellationToken.None);
                return [.. rows.Select(r => r.Number)];
            },
            cancel
        );

    private static Task<Results<Ok<WishesView>, ProblemHttpResult>> Change(
        Guid id,
        WishChange change,
        Func<GasselDb> connect,
        WriteGate gate,
        WishGrounds wishes,
        CancellationToken cancel
    ) =>
        OnRow(
            id,
            connect,
            gate,
            wishes,
            (_, row) =>
            {
                if (change.Pinned is { } day && (Limits.Day("pinned", day) ?? Past(day, wishes.Plan.Clock.Today)) is { } refusal)
                    return refusal;
                row.Wish = CoreJson.Write(CoreJson.Read<Wish>(row.Wish) with { Pinned = change.Pinned, IsAside = change.IsAside });
                return null;
            },
            cancel
        );

    private static Refusal? Past(DateOnly day, DateOnly today) =>
        day < today ? new("pinned", $"pinned was {day:yyyy-MM-dd}; valid is today, {today:yyyy-MM-dd}, or later.") : null;

    /// <summary>Half of its plants stay, the others become a wish of their own some weeks later.</summary>
    private static Task<Results<Ok<WishesView>, ProblemHttpResult>> Split(
        Guid id,
        Func<GasselDb> connect,
        WriteGate gate,
        WishGrounds wishes,
        CancellationToken cancel
    ) =>
        OnRow(
            id,
            connect,
            gate,
            wishes,
            (db, row) =>
            {
                var wish = CoreJson.Read<Wish>(row.Wish);
                if (wish.Plants < 2)
                    return new("plants", "One plant cannot be split; valid is a wish for 2 or more.");
                var (first, second) = wish.Split();
                row.Wish = CoreJson.Write(first);
                var now = wishes.Plan.Clock.GetUtcNow();
                db.Wishes.Add(
                    new()
                    {
                        Id = Guid.CreateVersion7(now),
                        Number = db.Wishes.Max(w => w.Number) + 1,
                        Wish = CoreJson.Write(second),
                        MadeAt = now.ToUnixTimeMilliseconds(),
                        Who = row.Who,
                    }
                );
                return null;
            },
            cancel
        );

    private static Task<Results<Ok<WishesView>, ProblemHttpResult>> Remove(
        Guid id,
        Func<GasselDb> connect,
        WriteGate gate,
        WishGrounds wishes,
        CancellationToken cancel
    ) =>
        OnRow(
            id,
            connect,
            gate,
            wishes,
            (db, row) =>
            {
                db.Wishes.Remove(row);
                return null;
            },
            cancel
        );

    private static Task<Results<Ok<WishesView>, ProblemHttpResult>> OnRow(
        Guid id,
        Func<GasselDb> connect,
        WriteGate gate,
        WishGrounds wishes,
        Func<GasselDb, WishRow, Refusal?> act,
        CancellationToken cancel
    ) =>
        gate.Write<Results<Ok<WishesView>, ProblemHttpResult>>(
            async () =>
            {
                await using var db = connect();
                if (await db.Wishes.SingleOrDefaultAsync(w => w.Id == id && w.BatchId == null, CancellationToken.None) is not { } row)
                    return Refusal.NotFound("id", id, "Choose one of the wishes listed.").ToResult();
                if (act(db, row) is { } refusal)
                    return refusal.ToResult();
                await db.SaveChangesAsync(CancellationToken.None);
                wishes.Kept.Forget();
                return TypedResults.Ok(await WishViews.Of(wishes));
            },
            cancel
        );

    private static async Task<Results<Ok<WishSeason>, ProblemHttpResult>> Solve(
        WishSeasonRequest request,
        WishGrounds wishes,
        SeasonDesk desk,
        CancellationToken cancel
    )
    {
        if (Limits.Number("seconds", request.Seconds ?? 10, 1, 60) is { } refusal)
            return refusal.ToResult();
        var seasons = await WishSeasons.Of(wishes);
        if (seasons.Problem.Wishes.Count == 0)
            return new Refusal("wishes", "There is no wish to find room for; put them on the list first.").ToResult();
        var answer = await desk.Solve(seasons.Problem, TimeSpan.FromSeconds(request.Seconds ?? 10), cancel);
        return TypedResults.Ok(seasons.Told(answer));
    }
}
