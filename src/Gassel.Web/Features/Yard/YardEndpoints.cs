using Gassel.Core.Growing;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.People;
using Gassel.Web.Features.Weather;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Yard;

internal static class YardEndpoints
{
    public static void MapYard(this RouteGroupBuilder api)
    {
        api.MapGet("/yard", Whole);
        api.MapGet("/yard/containers/{id:guid}/{part}", One).ProducesProblem(404);
        api.MapPost("/yard/preparation", Advise).For(Role.Volunteer).ProducesProblem(400);
        api.MapGet("/yard/waves", Waves.All).ProducesProblem(400);
        api.MapGet("/yard/set-out", Waves.One).ProducesProblem(400).ProducesProblem(404);
        api.MapGet("/yard/set-out/range", Waves.Range).ProducesProblem(400).ProducesProblem(404);
        api.MapGet("/yard/indoors-outdoors", IndoorsOutdoors.All);
    }

    private static async Task<YardView> Whole(
        YardBook yard,
        YardWeather weather,
        Library library,
        BatchShelf shelf,
        TrialBook trials,
        SiteClock clock,
        CancellationToken cancel
    )
    {
        var vessels = await yard.All(cancel);
        var sky = await weather.Sky(cancel);
        var briefs = vessels.Select(v => YardViews.Brief(v, clock)).ToLookup(b => b.PlaceId);
        return new(
            clock.GetUtcNow(),
            clock.Today,
            [
                .. (await library.Places())
                    .Where(p => p.IsOpenAir)
                    .Select(p => new YardSpot(p, [.. briefs[p.Id].OrderBy(b => b.Number).ThenBy(b => b.Part, StringComparer.Ordinal)])),
            ],
            YardViews.Alerts(vessels),
            YardViews.Outlook(sky, clock.Today),
            await Waiting(library, shelf, trials),
            sky.Working
        );
    }

    /// <summary>Batches on the way out: the next step of theirs is the first outdoors.</summary>
    private static async Task<IReadOnlyList<ToSetOut>> Waiting(Library library, BatchShelf shelf, TrialBook trials)
    {
        var inTrial = (await trials.All())
            .Where(t => t.Design.EndedOn is null)
            .SelectMany(t => t.Design.Arms.Select(a => (a.Batch, t.Id)))
            .ToDictionary(t => t.Batch, t => (Guid?)t.Id);
        var species = (await library.Species()).ToDictionary(s => s.Id);
        return
        [
            .. from batch in await shelf.All()
            where batch.Plan.Route.Setting == RouteSetting.WinterContainer
            let kind = species[batch.Row.SpeciesId]
            from part in batch.State.Living
            where part.SownOn is null && !part.IsDone(batch.Plan)
            let next = part.LastStep is { } last ? batch.Plan.NextStep(last) : batch.Plan.NextStep(-1)
            where next is { } step && batch.Plan.IsSownAt(step)
            orderby batch.Plan.Steps[next.Value].Start
            select new ToSetOut(
                batch.Row.Id,
                batch.Row.Number,
                kind.CommonName,
                kind.Hazard,
                part.Id,
                part.Seeds > 0 ? part.Seeds : batch.Plan.Seeds,
                next.Value,
                batch.Plan.Steps[next.Value].Start,
                part.Setup,
                part.Preparation,
                [.. Cautions.For(kind.Hazard, batch.Plan.Steps[next.Value].Step, batch.Plan.Route.Setting), Cautions.ForContainers],
                batch.Plan.Sowing?.Containers ?? PlanAssumptions.Containers,
                batch.Plan.Sowing?.Place,
                inTrial.GetValueOrDefault(batch.Row.Id)
            ),
        ];
    }

    private static async Task<Results<Ok<ContainerDetail>, ProblemHttpResult>> One(
        Guid id,
        string part,
        YardBook yard,
        BatchShelf shelf,
        SiteClock clock,
        CancellationToken cancel
    )
    {
        var (vessel, refusal) = await Find(id, part, yard, shelf, cancel);
        return vessel is null
            ? refusal!.ToResult()
            : TypedResults.Ok(YardViews.Detail(vessel, yard.Parameters(vessel.Setup), yard.Fitted(vessel.Setup)?.Ends, clock));
    }

    public static async Task<(YardVessel? Vessel, Refusal? Refusal)> Find(
        Guid batch,
        string part,
        YardBook yard,
        BatchShelf shelf,
        CancellationToken cancel
    )
    {
        if (await shelf.Find(batch) is not { } held)
            return (null, BatchNames.NoSuchBatch(batch));
        if (held.State.Living.FirstOrDefault(p => p.Id == part) is not { } there || await yard.Find(held, there, cancel) is not { } vessel)
        {
            return (null, Refusal.NotFound("container", part, "Choose one of those that are out in the yard."));
        }
        return (vessel, null);
    }

    private static Results<Ok<PreparationAdvice>, ProblemHttpResult> Advise(
        ContainerSetup setup,
        int? seeds,
        int? containers,
        YardBook yard
    )
    {
        if (
            (
                ContainerCheck.Of("setup", setup)
                ?? (seeds is { } sown ? Limits.Whole("seeds", sown, 1, 1_000_000) : null)
                ?? (containers is { } many ? Limits.Whole("containers", many, 1, 1000) : null)
            ) is
            { } wrong
        )
            return wrong.ToResult();
        var parameters = yard.Parameters(setup);
        return TypedResults.Ok(
            new PreparationAdvice(
                [.. ContainerAdvice.Steps(setup).Select(s => new PreparationLine(s, ContainerAdvice.Words(s, setup), false))],
                ContainerAdvice.Doubts(setup),
                ContainerAdvice.Reminders(setup),
                parameters,
                seeds is { } all ? SurfaceRoom.Of(all, containers ?? 1, 10_000 * parameters.AreaM2) : null
            )
        );
    }
}
