using Gassel.Core.Planning;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Data.Rows;
using Gassel.Web.Features.Seed;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Route = Gassel.Core.Treatments.Route;

namespace Gassel.Web.Features.Plan;

internal static class PlanEndpoints
{
    public static void MapPlan(this RouteGroupBuilder api)
    {
        api.MapPost("/plan", Preview).ProducesProblem(400).ProducesProblem(404);
        api.MapPost("/batches", Confirm).ProducesProblem(400).ProducesProblem(404);
    }

    /// <summary>Everything a plan is computed from, looked up and checked.</summary>
    private sealed record Ground(PlanRequest Request, Core.Treatments.Species Species, Route Route, LotRow Lot, int SeedsLeft, Anchor Anchor)
    {
        public Schedule Schedule(DateOnly today) => ScheduleOf(Route, today);

        public RouteOutlook Outlook(Route route, DateOnly today)
        {
            var schedule = ScheduleOf(route, today);
            return new(route.Id, route.Name, schedule.Start, schedule.Finish, schedule.Feasible, schedule.ShortfallDays, TreatmentTime.BeforeSowing(route));
        }

        private Schedule ScheduleOf(Route route, DateOnly today) =>
            Scheduler.Plan(Anchor, today, [.. route.Steps.Select(s => new ScheduleStep(s.Kind, s.Days, s.Optional, s.Note))]);

        public SeedsNeededResult Seeds()
        {
            var result = SeedsNeeded.For(new(
                Request.Plants, SeedEndpoints.Belief(Lot), Request.Survival ?? PlanAssumptions.Survival, Request.Confidence ?? PlanAssumptions.Confidence,
                Request.SeedsPerCell, Request.CellsPerTray ?? PlanAssumptions.CellsPerTray, Request.WholeContainerLoss ?? PlanAssumptions.WholeContainerLoss, Request.Containers ?? PlanAssumptions.Containers));
            return Request.Survival is null
                ? result with { Working = [.. result.Working, "The survival from seedling to plant is our assumption."] }
                : result;
        }
    }

    private static async Task<Results<Ok<PlanView>, ProblemHttpResult>> Preview(PlanRequest request, Func<GasselDb> connect, Library library, BatchShelf shelf, SiteClock clock)
    {
        var (ground, refusal) = await Stand(request, connect, library, shelf);
        if (ground is null) return refusal!.ToResult();
        var schedule = ground.Schedule(clock.Today);
        var seeds = ground.Seeds();
        return TypedResults.Ok(new PlanView(
            ground.Anchor, schedule,
            [.. ground.Route.Steps.Zip(schedule.Steps, (step, dates) => new PlanStepView(step, dates, Cautions.For(ground.Species.Hazard, step)))],
            seeds, ground.SeedsLeft, Math.Max(0, (seeds.Seeds ?? int.MaxValue) - ground.SeedsLeft), ground.Route.Id,
            [.. ground.Species.Routes.Select(r => ground.Outlook(r, clock.Today))], ground.Species.Origin));
    }

    private static async Task<Results<Ok<ConfirmedBatch>, ProblemHttpResult>> Confirm(
        ConfirmRequest request, Func<GasselDb> connect, WriteGate gate, Library library, BatchShelf shelf, SiteClock clock, CancellationToken cancel)
    {
        if (Limits.Text("who", request.Who, 40) is { } nobody) return nobody.ToResult();
        return await gate.Write<Results<Ok<ConfirmedBatch>, ProblemHttpResult>>(async () =>
        {
            if (await shelf.Find(request.Id) is { } already) return TypedResults.Ok(new ConfirmedBatch(already.Row.Id, already.Row.Number));
            var (ground, refusal) = await Stand(request.Plan, connect, library, shelf);
            if (ground is null) return (refusal! with { Field = refusal.Field is null ? null : $"plan.{refusal.Field}" }).ToResult();
            if ((request.Seeds ?? ground.Seeds().Seeds) is not { } seeds) return new Refusal("seeds", "The plan gives no number of seeds; say how many.").ToResult();
            if (ground.SeedsLeft == 0) return new Refusal("seeds", "The lot has no seed left; choose another.").ToResult();
            if (Limits.Whole("seeds", seeds, 1, ground.SeedsLeft) is { } tooMany)
            {
                return (tooMany with { Detail = $"seeds was {seeds}, but the lot has {ground.SeedsLeft} left; valid is 1 to {ground.SeedsLeft}." }).ToResult();
            }
            var plan = BatchPlanner.Confirm(ground.Route, ground.Anchor, ground.Schedule(clock.Today), request.Choice, request.Plan.Plants, seeds);
            if (plan is null) return new Refusal("choice", $"{request.Choice} does not reach the target; choose one of the options shown as possible.").ToResult();

            await using var db = connect();
            var row = new BatchRow
            {
                Id = request.Id,
                Number = (await db.Batches.MaxAsync(b => (int?)b.Number, CancellationToken.None) ?? 0) + 1,
                SpeciesId = ground.Species.Id,
                LotId = ground.Lot.Id,
                Plan = CoreJson.Write(plan),
                ConfirmedAt = clock.GetUtcNow().ToUnixTimeMilliseconds(),
                Who = request.Who.Trim(),
            };
            db.Batches.Add(row);
            await db.SaveChangesAsync(CancellationToken.None);
            shelf.Add(row);
            return TypedResults.Ok(new ConfirmedBatch(row.Id, row.Number));
        }, cancel);
    }

    private static async Task<(Ground? Ground, Refusal? Refusal)> Stand(PlanRequest request, Func<GasselDb> connect, Library library, BatchShelf shelf)
    {
        var refusal = Limits.Whole("plants", request.Plants, 1, 1_000_000)
            ?? CheckTarget(request)
            ?? Limits.Open("survival", request.Survival ?? PlanAssumptions.Survival, 0, 1, includeMax: true)
            ?? Limits.Open("confidence", request.Confidence ?? PlanAssumptions.Confidence, 0, 1)
            ?? Limits.Whole("seedsPerCell", request.SeedsPerCell ?? 1, 1, 50)
            ?? Limits.Whole("cellsPerTray", request.CellsPerTray ?? PlanAssumptions.CellsPerTray, 1, 1000)
            ?? Limits.Number("wholeContainerLoss", request.WholeContainerLoss ?? PlanAssumptions.WholeContainerLoss, 0, 0.99)
            ?? Limits.Whole("containers", request.Containers ?? PlanAssumptions.Containers, 1, SeedsNeeded.MaxContainers);
        if (refusal is not null) return (null, refusal);
        var species = (await library.Species()).SingleOrDefault(s => s.Id == request.SpeciesId);
        if (species is null) return (null, Refusal.NotFound("speciesId", request.SpeciesId, "Choose a species of the library."));
        var route = request.RouteId is null ? species.Routes[0] : species.Routes.SingleOrDefault(r => r.Id == request.RouteId);
        if (route is null) return (null, Refusal.NotFound("routeId", request.RouteId!, $"Choose one of {string.Join(", ", species.Routes.Select(r => r.Id))}."));
        await using var db = connect();
        var lot = await db.Lots.AsNoTracking().SingleOrDefaultAsync(l => l.Id == request.LotId);
        if (lot is null) return (null, Refusal.NotFound("lotId", request.LotId, "Choose one of the lots on Seed."));
        if (lot.SpeciesId != species.Id) return (null, new("lotId", $"Lot {lot.Id} is not of {species.ScientificName}; choose a lot of this species."));
        var anchor = new Anchor(request.Target, request.Date ?? request.LastFrost!.Value.AddDays(7 * request.WeeksFromLastFrost!.Value));
        return (new(request, species, route, lot, SeedEndpoints.View(lot, await shelf.All()).SeedsLeft, anchor), null);
    }

    private static Refusal? CheckTarget(PlanRequest request)
    {
        if (request.Date is { } date) return Limits.Day("date", date);
        if (request.LastFrost is not { } frost) return new("lastFrost", "Either date or lastFrost with weeksFromLastFrost is needed.");
        if (request.WeeksFromLastFrost is not { } weeks) return new("weeksFromLastFrost", "weeksFromLastFrost is needed with lastFrost; valid is a whole number from -52 to 104.");
        return Limits.Day("lastFrost", frost) ?? Limits.Whole("weeksFromLastFrost", weeks, -52, 104);
    }
}
