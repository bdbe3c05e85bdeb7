using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.People;
using Gassel.Web.Features.Temperature;
using Gassel.Web.Features.Yard;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Batches;

internal static class BatchEndpoints
{
    public static void MapBatches(this RouteGroupBuilder api)
    {
        api.MapGet("/batches", All);
        api.MapGet("/batches/{id:guid}", One).ProducesProblem(404).ProducesProblem(422);
        api.MapPost("/batches/{id:guid}/entries", Record)
            .For(Role.Volunteer)
            .ProducesProblem(400)
            .ProducesProblem(403)
            .ProducesProblem(404)
            .ProducesProblem(409);
        api.MapPost("/entries", RecordMany)
            .For(Role.Volunteer)
            .ProducesProblem(400)
            .ProducesProblem(403)
            .ProducesProblem(404)
            .ProducesProblem(409);
        api.MapPost("/batches/{id:guid}/replan", Replanning.Take)
            .For(Role.Grower)
            .ProducesProblem(400)
            .ProducesProblem(404)
            .ProducesProblem(409);
        api.MapPost("/batches/{id:guid}/what-if", Replanning.WhatIf).For(Role.Volunteer).ProducesProblem(400).ProducesProblem(404);
        api.MapGet("/batches/{id:guid}/media", Media.For).ProducesProblem(400).ProducesProblem(404);
        api.MapGet("/batches/{id:guid}/parts/{part}/causes", Causes.Of).ProducesProblem(404);
    }

    private static async Task<List<BatchSummary>> All(
        Library library,
        OutdoorBatches shelf,
        TemperatureWatch watch,
        SetAside aside,
        SiteClock clock
    )
    {
        var hurting = (await watch.Now()).Where(p => p.Value.Troubles.Any(x => x.HurtsSeed)).Select(p => p.Key).ToHashSet();
        var species = (await library.Species()).ToDictionary(s => s.Id);
        return [.. aside.Each(await shelf.All(), b => BatchViews.Summary(b, species[b.Row.SpeciesId], hurting, clock.Today))];
    }

    private static async Task<Results<Ok<BatchView>, ProblemHttpResult>> One(
        Guid id,
        Library library,
        OutdoorBatches shelf,
        WholeBatch whole,
        CancellationToken cancel
    )
    {
        if (await shelf.Find(id, cancel) is not { } batch)
            return BatchNames.NoSuchBatch(id).ToResult();
        return await whole.Of(batch, cancel) is { } view
            ? TypedResults.Ok(view)
            : Uncomputable(batch, BatchNames.OfPlaces(await library.Places()));
    }

    /// <summary>With its log, so that the entry that stands in the way can be taken back.</summary>
    private static ProblemHttpResult Uncomputable(ShelvedBatch batch, Dictionary<string, string> placeNames) =>
        new Refusal(
            null,
            $"B-{batch.Row.Number} cannot be computed from what is recorded of it. Undo the entry that is wrong; the others stay.",
            StatusCodes.Status422UnprocessableEntity,
            "Cannot be computed"
        ).ToResult(
            new Dictionary<string, object?>
            {
                ["log"] = batch
                    .State.Log.Where(l => l.Fate != EntryFate.TakenBack && l.Entry.Payload is not VoidEntry)
                    .Select(l => new
                    {
                        l.Entry.Id,
                        l.Entry.DoneOn,
                        l.Entry.Who,
                        Words = EntryWords.Of(l.Entry.Payload, batch.Plan, placeNames),
                    }),
            }
        );

    /// <param name="rounds">True where the answer is to tell what is otherwise on Rounds.</param>
    /// <param name="batch">True where the answer is to tell the batch as it stands now.</param>
    private static Task<Results<Ok<Recorded>, ProblemHttpResult>> Record(
        Guid id,
        RecordRequest request,
        bool? rounds,
        bool? batch,
        Asker asker,
        Recordings recordings,
        CancellationToken cancel
    ) =>
        recordings.TakeAndTell(
            new(request.Act, request.Who, [new(id, request.Entries)], request.IfConflict),
            asker,
            single: true,
            new(Rounds: rounds ?? false, Batch: batch ?? false),
            cancel
        );

    /// <param name="rounds">True where the answer is to tell what is otherwise on Rounds.</param>
    private static Task<Results<Ok<Recorded>, ProblemHttpResult>> RecordMany(
        RecordManyRequest request,
        bool? rounds,
        Asker asker,
        Recordings recordings,
        CancellationToken cancel
    ) => recordings.TakeAndTell(request, asker, single: false, new(Rounds: rounds ?? false, Batch: false), cancel);
}
