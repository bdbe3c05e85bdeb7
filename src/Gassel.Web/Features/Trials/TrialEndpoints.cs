using Gassel.Core.Due;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Trials;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Data.Rows;
using Gassel.Web.Features.People;
using Gassel.Web.Features.Plan;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Trials;

internal static class TrialEndpoints
{
    public static void MapTrials(this RouteGroupBuilder api)
    {
        api.MapGet("/trials", All);
        api.MapGet("/trials/{id:guid}", One).ProducesProblem(404);
        api.MapPost("/trials/layout", Preview).For(Role.Volunteer).ProducesProblem(400).ProducesProblem(404);
        api.MapPost("/trials", Confirm).For(Role.Grower).ProducesProblem(400).ProducesProblem(404);
        api.MapPut("/trials/{id:guid}", Change).For(Role.Grower).ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        api.MapPost("/trials/{id:guid}/end", End).For(Role.Grower).ProducesProblem(404);
    }

    private static async Task<IReadOnlyList<TrialView>> All(TrialBook trials, TrialViews views)
    {
        var all = new List<TrialView>();
        foreach (var trial in (await trials.All()).Reverse())
            all.Add(await views.Of(trial));
        return all;
    }

    private static async Task<Results<Ok<TrialView>, ProblemHttpResult>> One(Guid id, TrialBook trials, TrialViews views) =>
        await trials.Find(id) is { } trial ? TypedResults.Ok(await views.Of(trial)) : NoSuchTrial(id).ToResult();

    private static Refusal NoSuchTrial(Guid id) => Refusal.NotFound("trial", id, "Choose one of the trials listed.");

    private static async Task<Results<Ok<TrialPreview>, ProblemHttpResult>> Preview(TrialRequest request, PlanBooks books, TrialBook trials)
    {
        var (laid, refusal) = await Lay(request, books, (await trials.All()).Select(t => t.Number).DefaultIfEmpty(0).Max() + 1);
        return laid is null
            ? refusal!.ToResult()
            : TypedResults.Ok(
                new TrialPreview(
                    laid.Design,
                    laid.Design.Warnings(),
                    [.. laid.Plans.Select(p => p.Start)],
                    laid.SeedsLeft,
                    TrialViews.Columns(laid.Design)
                )
            );
    }

    /// <summary>Makes the trial and a batch for each arm, all or nothing.</summary>
    private static async Task<Results<Ok<TrialView>, ProblemHttpResult>> Confirm(
        ConfirmTrialRequest request,
        Asker asker,
        Func<GasselDb> connect,
        WriteGate gate,
        PlanBooks books,
        TrialBook trials,
        TrialViews views,
        CancellationToken cancel
    )
    {
        if (Limits.Text("who", request.Who, 40) is { } nobody)
            return nobody.ToResult();
        var refused = await gate.Write<Refusal?>(
            async () =>
            {
                if (await trials.Find(request.Id) is not null)
                    return null;
                var number = (await trials.All()).Select(t => t.Number).DefaultIfEmpty(0).Max() + 1;
                var (laid, refusal) = await Lay(request.Trial, books, number);
                if (laid is null)
                    return refusal! with { Field = refusal.Field is null ? null : $"trial.{refusal.Field}" };
                await using var db = connect();
                var (who, now) = (asker.Sign(request.Who), books.Clock.GetUtcNow().ToUnixTimeMilliseconds());
                var batchNumber = await db.Batches.MaxAsync(b => (int?)b.Number, CancellationToken.None) ?? 0;
                var rows = laid
                    .Plans.Select(
                        (plan, i) =>
                            new BatchRow
                            {
                                Id = laid.Design.Arms[i].Batch,
                                Number = ++batchNumber,
                                SpeciesId = request.Trial.SpeciesId,
                                LotId = request.Trial.LotId,
                                Plan = CoreJson.Write(plan),
                                ConfirmedAt = now,
                                Who = who,
                            }
                    )
                    .ToList();
                db.Batches.AddRange(rows);
                db.Trials.Add(
                    new()
                    {
                        Id = request.Id,
                        Number = number,
                        Design = CoreJson.Write(laid.Design),
                        MadeAt = now,
                        Who = who,
                    }
                );
                await db.SaveChangesAsync(CancellationToken.None);
                foreach (var row in rows)
                    books.Shelf.Add(row);
                trials.Forget();
                return null;
            },
            cancel
        );
        return refused is null ? TypedResults.Ok(await views.Of((await trials.Find(request.Id))!)) : refused.ToResult();
    }

    /// <summary>Names and blindness, until something has been counted.</summary>
    private static async Task<Results<Ok<TrialView>, ProblemHttpResult>> Change(
        Guid id,
        TrialChange change,
        Func<GasselDb> connect,
        WriteGate gate,
        TrialBook trials,
        TrialViews views,
        BatchShelf shelf,
        CancellationToken cancel
    )
    {
        if (await trials.Find(id) is not { } trial)
            return NoSuchTrial(id).ToResult();
        var design = trial.Design;
        var wrong = Limits.Text("name", change.Name, 80)
            ?? Limits.Text("changed", change.Changed, 200)
            ?? (
                change.ArmNames.Count == design.Arms.Count
                    ? null
                    : new Refusal(
                        "armNames",
                        $"armNames holds {change.ArmNames.Count}; the trial has {design.Arms.Count} arms, and their number stays."
                    )
            )
            ?? change.ArmNames.Select((n, i) => Limits.Text($"armNames[{i}]", n, 40)).FirstOrDefault(r => r is not null)
            ?? (
                change.ArmNames.Distinct(StringComparer.OrdinalIgnoreCase).Count() == change.ArmNames.Count
                    ? null
                    : new Refusal("armNames", "Two arms have one name; valid is a name of its own for each.")
            );
        if (wrong is not null)
            return wrong.ToResult();
        return await gate.Write<Results<Ok<TrialView>, ProblemHttpResult>>(
            async () =>
            {
                foreach (var arm in design.Arms)
                {
                    if (await shelf.Find(arm.Batch) is { } batch && TrialViews.HasCounts([batch]))
                    {
                        return new Refusal(
                            "armNames",
                            $"B-{batch.Row.Number} has been counted: from the first count on the arms stay as they "
                                + $"are, or the result would say what one wished.",
                            StatusCodes.Status409Conflict,
                            "Counted already"
                        ).ToResult();
                    }
                }
                await Save(
                    id,
                    design with
                    {
                        Name = change.Name.Trim(),
                        Changed = change.Changed.Trim(),
                        Arms = [.. design.Arms.Select((a, i) => a with { Name = change.ArmNames[i].Trim() })],
                        Blind = change.Blind,
                    },
                    connect,
                    trials
                );
                return TypedResults.Ok(await views.Of((await trials.Find(id))!));
            },
            cancel
        );
    }

    /// <summary>Ends the trial: who was blind may look.</summary>
    private static async Task<Results<Ok<TrialView>, ProblemHttpResult>> End(
        Guid id,
        Func<GasselDb> connect,
        WriteGate gate,
        TrialBook trials,
        TrialViews views,
        SiteClock clock,
        CancellationToken cancel
    )
    {
        if (await trials.Find(id) is not { } trial)
            return NoSuchTrial(id).ToResult();
        if (trial.Design.EndedOn is null)
        {
            await gate.Write(
                async () =>
                {
                    await Save(id, trial.Design with { EndedOn = clock.Today }, connect, trials);
                    return true;
                },
                cancel
            );
        }
        return TypedResults.Ok(await views.Of((await trials.Find(id))!));
    }

    private static async Task Save(Guid id, TrialDesign design, Func<GasselDb> connect, TrialBook trials)
    {
        await using var db = connect();
        (await db.Trials.SingleAsync(t => t.Id == id, CancellationToken.None)).Design = CoreJson.Write(design);
        await db.SaveChangesAsync(CancellationToken.None);
        trials.Forget();
    }

    private sealed record Laid(TrialDesign Design, IReadOnlyList<BatchPlan> Plans, int SeedsLeft);

    private static VesselKind VesselOfItsOwn(VesselKind usual) =>
        usual is VesselKind.Tray or VesselKind.DeepCells or VesselKind.Container ? VesselKind.Pot : usual;

    /// <summary>The wish laid out, with a plan for each arm.</summary>
    private static async Task<(Laid? Laid, Refusal? Refusal)> Lay(TrialRequest request, PlanBooks books, int number)
    {
        if (request.Check([.. (await books.Library.Places()).Select(p => p.Id)]) is { } wrong)
            return (null, wrong);
        var (arms, plans) = (new List<TrialArm>(), new List<BatchPlan>());
        Core.Treatments.Species? species = null;
        var left = 0;
        for (var i = 0; i < request.Arms.Count; i++)
        {
            var arm = request.Arms[i];
            var (ground, refusal) = await PlanGround.Stand(
                new(request.SpeciesId, request.LotId, request.SeedsPerArm, AnchorEvent.Sow, arm.RouteId, request.SowOn),
                books
            );
            if (ground is null)
                return (null, refusal!.Field == "routeId" ? refusal with { Field = $"arms[{i}].routeId" } : refusal);
            (species, left) = (ground.Species, ground.Lot.Left);
            var outdoors = ground.Route.Setting == RouteSetting.WinterContainer;
            if (RouteOf(ground.Route, arm, request.Layout, $"arms[{i}]") is { } unfit)
                return (null, unfit);
            // what goes outdoors is set out on the day, whatever it waits for before it comes up
            var anchor = outdoors
                ? new Anchor(
                    AnchorEvent.Start,
                    request.SowOn.AddDays(-ground.Route.Steps.TakeWhile(s => s.Kind < StepKind.WarmMoist).Sum(s => s.Days.Usual))
                )
                : ground.Anchor;
            arms.Add(
                new(
                    arm.Batch,
                    arm.Name.Trim(),
                    i == 0,
                    ground.Route.Id,
                    request.SeedsPerArm,
                    arm.DepthMm,
                    arm.Cover,
                    arm.Place,
                    outdoors ? arm.Setup ?? ContainerSetup.Assumed : null,
                    outdoors ? null : arm.Mix,
                    outdoors ? null : arm.Filling,
                    outdoors ? null : arm.Water,
                    outdoors ? null : arm.Vessel
                )
            );
            plans.Add(
                BatchPlanner.Confirm(
                    ground.Route,
                    anchor,
                    ground.Schedule(ground.Route, anchor),
                    PlanChoice.Usual,
                    request.SeedsPerArm,
                    request.SeedsPerArm,
                    ground.Forecast(ground.Route, request.SeedsPerArm)
                )! with
                {
                    OwnDays = ground.OwnDays,
                }
            );
        }
        var wanted = request.SeedsPerArm * request.Arms.Count;
        if (wanted > left)
            return (
                null,
                new(
                    "seedsPerArm",
                    $"{request.Arms.Count} arms of {request.SeedsPerArm} seeds are {wanted}, but the lot has {left} "
                        + $"left; valid is 1 to {left / request.Arms.Count} an arm."
                )
            );
        var kind = SowingAdvice.Of(species!, (plans.Find(p => !p.Route.IsOutdoors) ?? plans[0]).Route, DepthSchool.Width, null).Vessels[0];
        var (vessels, plots) =
            request.Layout == TrialLayout.CellsMixed
                ? TrialPlotting.OverCells(
                    [.. arms.Select(a => a.Seeds)],
                    request.SeedsPerCell ?? 1,
                    request.CellsPerTray ?? PlanAssumptions.CellsPerTray,
                    kind == VesselKind.DeepCells ? kind : VesselKind.Tray,
                    $"T-{number}",
                    request.RandomSeed
                )
                : TrialPlotting.InOwnVessels(
                    [.. arms.Select(a => a.Seeds)],
                    request.Replicates ?? PlanAssumptions.Containers,
                    [.. arms.Select(a => a.Setup is not null ? VesselKind.Container : a.Vessel ?? VesselOfItsOwn(kind))],
                    $"T-{number}",
                    request.RandomSeed
                );
        return (
            new(
                new(
                    request.Name.Trim(),
                    request.Changed.Trim(),
                    request.LotId,
                    request.Layout,
                    arms,
                    vessels,
                    plots,
                    request.Layout == TrialLayout.CellsMixed ? request.SeedsPerCell ?? 1 : null,
                    request.RandomSeed,
                    request.Blind
                ),
                plans,
                left
            ),
            null
        );
    }

    /// <summary>Why a trial cannot use the route as it is laid out; null where it can.</summary>
    private static Refusal? RouteOf(Core.Treatments.Route route, TrialArmRequest arm, TrialLayout layout, string at) =>
        route.Setting switch
        {
            RouteSetting.AutumnBed => new(
                $"{at}.routeId",
                $"{route.Name} is sown into a bed, where arms cannot be told apart; valid is a route indoors or in winter containers."
            ),
            RouteSetting.WinterContainer when layout == TrialLayout.CellsMixed => new(
                "layout",
                $"{route.Name} is sown in winter containers; valid for it is ownVessels."
            ),
            RouteSetting.Indoors when arm.Setup is not null => new(
                $"{at}.setup",
                $"{route.Name} is sown indoors and has no winter container; leave setup out."
            ),
            _ => null,
        };
}
