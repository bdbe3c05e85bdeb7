using Gassel.Core;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Data;
using Gassel.Data.Rows;
using Gassel.Web.Features.People;
using Gassel.Web.Features.Plan;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Wishes;

/// <summary>From wishes to batches: all that were asked for, or none.</summary>
internal static class WishConfirmation
{
    private const int MostAtOnce = 500;

    public static async Task<Results<Ok<WishBatches>, ProblemHttpResult>> Make(
        WishBatchesRequest request,
        Asker asker,
        Func<GasselDb> connect,
        WriteGate gate,
        WishGrounds wishes,
        CancellationToken cancel
    )
    {
        if ((Limits.Text("who", request.Who, 40) ?? Limits.Count("starts", request.Starts.Count, 1, MostAtOnce)) is { } refusal)
            return refusal.ToResult();
        return await gate.Write<Results<Ok<WishBatches>, ProblemHttpResult>>(
            async () =>
            {
                var made = await Made(request, wishes.Plan);
                if (made.Count == request.Starts.Count)
                    return TypedResults.Ok(new WishBatches(made));
                if (made.Count > 0)
                    return new Refusal(
                        "starts",
                        "Some of the batch ids are those of other batches; each needs a UUID of its own."
                    ).ToResult();
                await using var db = connect();
                var number = await db.Batches.MaxAsync(b => (int?)b.Number, CancellationToken.None) ?? 0;
                var (kept, left) = (
                    (await wishes.Kept.All()).ToDictionary(w => w.Id),
                    (await wishes.Plan.Lots.All()).ToDictionary(l => l.Id, l => l.Left)
                );
                var rows = new List<BatchRow>();
                for (var i = 0; i < request.Starts.Count; i++)
                {
                    var (at, start) = ($"starts[{i}]", request.Starts[i]);
                    if (start is null || !kept.TryGetValue(start.Wish, out var wish) || wish.Wish.IsAside)
                        return new Refusal($"{at}.wish", "There is no such wish, or it is set aside; nothing was made.").ToResult();
                    if (
                        start.Batch == Guid.Empty
                        || rows.Any(r => r.Id == start.Batch || request.Starts.Take(i).Any(s => s.Wish == start.Wish))
                    )
                        return new Refusal($"{at}.batch", $"{at}.batch needs a UUID of its own, and each wish is named once.").ToResult();
                    if (Limits.Day($"{at}.on", start.On) is { } badDay)
                        return badDay.ToResult();
                    var ground = await wishes.Of(wish);
                    var (plan, unfit) = Plan(ground, start, left);
                    if (plan is null)
                        return (unfit! with { Field = $"{at}.wish" }).ToResult();
                    rows.Add(
                        new()
                        {
                            Id = start.Batch,
                            Number = ++number,
                            SpeciesId = wish.Wish.SpeciesId,
                            LotId = wish.Wish.LotId!.Value,
                            Plan = CoreJson.Write(plan),
                            ConfirmedAt = wishes.Plan.Clock.GetUtcNow().ToUnixTimeMilliseconds(),
                            Who = asker.Sign(request.Who),
                        }
                    );
                }
                db.Batches.AddRange(rows);
                var asked = request.Starts.ToDictionary(s => s.Wish, s => s.Batch);
                foreach (var row in await db.Wishes.Where(w => asked.Keys.Contains(w.Id)).ToListAsync(CancellationToken.None))
                    row.BatchId = asked[row.Id];
                await db.SaveChangesAsync(CancellationToken.None);
                foreach (var row in rows)
                    wishes.Plan.Shelf.Add(row);
                wishes.Kept.Forget();
                return TypedResults.Ok(new WishBatches([.. rows.Select(r => r.Number)]));
            },
            cancel
        );
    }

    /// <summary>Numbers of those that an earlier sending of the same made.</summary>
    private static async Task<List<int>> Made(WishBatchesRequest request, PlanBooks books)
    {
        var numbers = new List<int>();
        foreach (var start in request.Starts)
        {
            if (start is not null && await books.Shelf.Find(start.Batch) is { } batch)
                numbers.Add(batch.Row.Number);
        }
        return numbers;
    }

    /// <summary>What it takes of its lot is no longer there for the next.</summary>
    private static (BatchPlan? Plan, Refusal? Refusal) Plan(WishGround wish, WishBatch start, Dictionary<int, int> left)
    {
        var name = Text.Of($"W-{wish.Kept.Number}");
        if (wish.Ground is not { } ground)
            return (null, wish.Refusal);
        if (ground.SeedToFind)
            return (null, new("wish", $"{name} has no seed yet: enter its lot on Seed, and wish for it from there. Nothing was made."));
        var seeds = Math.Min(wish.Seeds.Seeds ?? ground.Lot.Left, left[ground.Lot.Id]);
        if (seeds < 1)
            return (null, new("wish", $"{name} finds no seed left in lot {ground.Lot.Id}. Nothing was made."));
        left[ground.Lot.Id] -= seeds;
        var plan = BatchPlanner.Confirm(
            ground.Route,
            new(AnchorEvent.Start, start.On),
            wish.From(start.On),
            PlanChoice.Usual,
            wish.Kept.Wish.Plants,
            seeds,
            ground.Forecast(ground.Route, seeds)
        )!;
        return (
            plan with
            {
                Name = wish.Kept.Wish.For is { } who ? $"for {who}" : null,
                OwnDays = ground.OwnDays,
                Sowing = new(null, PlanAssumptions.CellsPerTray, null, ground.Containers, false),
            },
            null
        );
    }
}
