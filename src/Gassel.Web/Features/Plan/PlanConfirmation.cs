using Gassel.Core.Germination;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Data;
using Gassel.Data.Rows;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Plan;

/// <summary>From a plan to a batch, or to two where it is sown twice.</summary>
internal static class PlanConfirmation
{
    public static async Task<Results<Ok<ConfirmedBatch>, ProblemHttpResult>> Confirm(
        ConfirmRequest request,
        Asker asker,
        Func<GasselDb> connect,
        WriteGate gate,
        PlanBooks books,
        CancellationToken cancel
    )
    {
        if (Limits.Text("who", request.Who, 40) is { } nobody)
            return nobody.ToResult();
        if (request.Plan.Second is not null != request.SecondId is not null)
        {
            return new Refusal("secondId", "A second sowing needs an id of its own, and one sowing has none.").ToResult();
        }
        if (request.SecondId == request.Id)
            return new Refusal("secondId", "secondId is that of the first batch; valid is an id of its own.").ToResult();
        return await gate.Write<Results<Ok<ConfirmedBatch>, ProblemHttpResult>>(
            async () =>
            {
                if (await books.Shelf.Find(request.Id) is { } already)
                    return TypedResults.Ok(await Told(already, request.SecondId, books.Shelf));
                if (request.SecondId is { } second && await books.Shelf.Find(second) is { } other)
                    return new Refusal(
                        "secondId",
                        $"secondId is that of B-{other.Row.Number}; valid is an id that no batch has."
                    ).ToResult();
                var (ground, refusal) = await PlanGround.Stand(request.Plan, books);
                if (ground is null)
                    return (refusal! with { Field = refusal.Field is null ? null : $"plan.{refusal.Field}" }).ToResult();
                if (ground.SeedToFind)
                    return NoSeedYet().ToResult();
                if ((request.Seeds ?? ground.Seeds(ground.Route).Seeds) is not { } seeds)
                    return new Refusal("seeds", "The plan gives no number of seeds; say how many.").ToResult();
                var left = ground.Lot.Left;
                if (left == 0)
                    return new Refusal("seeds", "The lot has no seed left; choose another.").ToResult();
                var least = request.Plan.Second is null ? 1 : 2;
                if (Limits.Whole("seeds", seeds, least, left) is { } tooMany)
                {
                    return (
                        tooMany with
                        {
                            Detail = $"seeds was {seeds}, but the lot has {left} left; valid is {least} to {left}.",
                        }
                    ).ToResult();
                }
                if (Plans(ground, request, seeds) is not { } plans)
                {
                    return new Refusal(
                        "choice",
                        "This choice misses the target date. Choose one of those that are shown as possible."
                    ).ToResult();
                }
                await using var db = connect();
                var number = await db.Batches.MaxAsync(b => (int?)b.Number, CancellationToken.None) ?? 0;
                var rows = plans
                    .Select(p => new BatchRow
                    {
                        Id = p.Id,
                        Number = ++number,
                        SpeciesId = ground.Species.Id,
                        LotId = ground.Lot.Id,
                        Plan = CoreJson.Write(p.Plan),
                        ConfirmedAt = books.Clock.GetUtcNow().ToUnixTimeMilliseconds(),
                        Who = asker.Sign(request.Who),
                    })
                    .ToList();
                db.Batches.AddRange(rows);
                await db.SaveChangesAsync(CancellationToken.None);
                foreach (var row in rows)
                    books.Shelf.Add(row);
                return TypedResults.Ok(
                    new ConfirmedBatch(rows[0].Id, rows[0].Number, rows.Count > 1 ? new(rows[1].Id, rows[1].Number) : null)
                );
            },
            cancel
        );
    }

    /// <summary>Plans a batch anew that has not begun: another number, day, route, lot or name. What was recorded of it stays.</summary>
    public static async Task<Results<Ok<ConfirmedBatch>, ProblemHttpResult>> Change(
        Guid id,
        ConfirmRequest request,
        Func<GasselDb> connect,
        WriteGate gate,
        PlanBooks books,
        CancellationToken cancel
    )
    {
        if (request.Plan.Second is not null)
            return new Refusal(
                "plan.second",
                "A batch that is there is planned anew as one sowing; make the second a batch of its own."
            ).ToResult();
        return await gate.Write<Results<Ok<ConfirmedBatch>, ProblemHttpResult>>(
            async () =>
            {
                if (await books.Shelf.Find(id) is not { } batch)
                    return Refusal.NotFound("batch", id, "Choose one of the batches listed.").ToResult();
                if (batch.State.Started)
                    return new Refusal(
                        "id",
                        $"B-{batch.Row.Number} has begun, so its plan stays; what follows can be changed on its page.",
                        StatusCodes.Status409Conflict,
                        "Has begun"
                    ).ToResult();
                if (request.Plan.SpeciesId != batch.Row.SpeciesId)
                    return new Refusal("plan.speciesId", "The species of a batch stays; discard it and plan another.").ToResult();
                var (ground, refusal) = await PlanGround.Stand(request.Plan, books);
                if (ground is null)
                    return (refusal! with { Field = refusal.Field is null ? null : $"plan.{refusal.Field}" }).ToResult();
                if (ground.SeedToFind)
                    return NoSeedYet().ToResult();
                if ((request.Seeds ?? ground.Seeds(ground.Route).Seeds) is not { } seeds)
                    return new Refusal("seeds", "The plan gives no number of seeds; say how many.").ToResult();
                // what this batch took of the lot is free for it
                var left = ground.Lot.Left + (ground.Lot.Id == batch.Row.LotId ? batch.Plan.Seeds : 0);
                if (Limits.Whole("seeds", seeds, 1, Math.Max(1, left)) is { } tooMany)
                    return (tooMany with { Detail = $"seeds was {seeds}, but the lot has {left} left; valid is 1 to {left}." }).ToResult();
                if (Plans(ground, request with { Id = id }, seeds) is not [var planned])
                    return new Refusal(
                        "choice",
                        "This choice misses the target date. Choose one of those that are shown as possible."
                    ).ToResult();
                await using var db = connect();
                var row = await db.Batches.SingleAsync(b => b.Id == id, CancellationToken.None);
                (row.LotId, row.Plan) = (ground.Lot.Id, CoreJson.Write(planned.Plan));
                await db.SaveChangesAsync(CancellationToken.None);
                books.Shelf.Replace(row, batch.Entries);
                return TypedResults.Ok(new ConfirmedBatch(id, row.Number));
            },
            cancel
        );
    }

    private static Refusal NoSeedYet() => new("plan.lotId", "There is no seed of this yet. Enter the lot on Seed, then make the batch.");

    /// <summary>Null where the choice does not reach the target.</summary>
    private static List<(Guid Id, BatchPlan Plan)>? Plans(PlanGround ground, ConfirmRequest request, int seeds)
    {
        var (route, plants) = (ground.Route, request.Plan.Plants);
        var schedule = ground.Schedule(route);
        if (request.Plan.Second is not { } second)
        {
            return BatchPlanner.Confirm(route, ground.AnchorOf(route), schedule, request.Choice, plants, seeds, Forecast(seeds)) is { } plan
                ? [(request.Id, As(plan, seeds))]
                : null;
        }
        var parts = TwoSowings.Divide(ground.Question(route), seeds, second.FirstShare ?? 0.5);
        var now = (int)Math.Round((double)plants * parts.First.Seeds / seeds, MidpointRounding.AwayFromZero);
        if (
            BatchPlanner.Confirm(
                route,
                ground.AnchorOf(route),
                schedule,
                request.Choice,
                Math.Max(1, now),
                parts.First.Seeds,
                Forecast(parts.First.Seeds)
            )
            is not { } first
        )
            return null;
        var anchor = first.Anchor with { Date = first.Anchor.Date.AddDays(7 * second.WeeksLater) };
        var later = ground.Schedule(route, anchor);
        // what was chosen for the first may no longer be needed weeks later
        var choice = later.ShortfallDays == 0 ? PlanChoice.Usual : request.Choice;
        return
            BatchPlanner.Confirm(route, anchor, later, choice, Math.Max(1, plants - now), parts.Second.Seeds, Forecast(parts.Second.Seeds))
                is { } after
            ? [(request.Id, As(first, parts.First.Seeds)), (request.SecondId!.Value, As(after, parts.Second.Seeds))]
            : null;

        // how it is meant to be sown goes along, for the day it is
        BatchPlan As(BatchPlan plan, int sown) =>
            plan with
            {
                OwnDays = ground.OwnDays,
                Name = string.IsNullOrWhiteSpace(request.Plan.Name) ? null : request.Plan.Name.Trim(),
                Sowing = new(
                    request.Plan.SeedsPerCell,
                    request.Plan.CellsPerTray ?? PlanAssumptions.CellsPerTray,
                    request.Plan.SeedsPerCell is { } perCell ? (sown + perCell - 1) / perCell : null,
                    ground.Containers,
                    request.Plan.Practice is CellPractice.Divide,
                    request.Plan.Cover,
                    request.Plan.Place
                ),
            };

        GerminationForecast Forecast(int sown) => ground.Forecast(route, sown);
    }

    private static async Task<ConfirmedBatch> Told(ShelvedBatch first, Guid? secondId, BatchShelf shelf)
    {
        var second = secondId is { } id ? await shelf.Find(id) : null;
        return new(first.Row.Id, first.Row.Number, second is null ? null : new(second.Row.Id, second.Row.Number));
    }
}
