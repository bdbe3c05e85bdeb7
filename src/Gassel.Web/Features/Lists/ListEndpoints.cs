using Gassel.Core.Fold;
using Gassel.Core.Growing;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Lists;

/// <summary>Batches as a list: chosen, in order, page by page, and many of them acted on at once.</summary>
internal static class ListEndpoints
{
    private const int UsualTake = 100;
    private const int MostTaken = 200;
    private const int MostActedOn = 2000;

    public static void MapLists(this RouteGroupBuilder api)
    {
        api.MapGet("/batch-list", Page).ProducesProblem(400);
        api.MapPost("/batch-list/parts", Parts).For(Role.Volunteer).ProducesProblem(400).ProducesProblem(404);
    }

    /// <param name="text">Words that number, names, lot or vessel begin with; all of them.</param>
    /// <param name="state">How far it is.</param>
    /// <param name="species">Id.</param>
    /// <param name="place">Id of a place where some of it stands.</param>
    /// <param name="season">The winter of its start, by the year in which that winter begins.</param>
    /// <param name="trouble">What is the matter with it.</param>
    /// <param name="order">The newest first where left out.</param>
    /// <param name="from">Batches left out at the beginning, 0 upwards.</param>
    /// <param name="take">Batches told at most, 1 to 200; 100 where left out.</param>
    private static async Task<Results<Ok<BatchPage>, ProblemHttpResult>> Page(
        string? text,
        string? state,
        string? species,
        string? place,
        string? season,
        string? trouble,
        string? order,
        string? from,
        string? take,
        BatchList list,
        CancellationToken cancel
    )
    {
        var words = new QueryWords();
        var asked = new BatchQuestion(
            text,
            words.Name<BatchPhase>("state", state),
            species,
            place,
            words.Number("season", season),
            words.Name<BatchTrouble>("trouble", trouble),
            words.Name<BatchOrder>("order", order) ?? BatchOrder.Newest,
            words.Number("from", from) ?? 0,
            words.Number("take", take) ?? UsualTake
        );
        var refusal = words.Refusal
            ?? Limits.Text("text", text, 200, required: false)
            ?? Limits.Whole("from", asked.From, 0, int.MaxValue)
            ?? Limits.Whole("take", asked.Take, 1, MostTaken);
        return refusal is null ? TypedResults.Ok(await list.Page(asked, cancel)) : refusal.ToResult();
    }

    private static async Task<Results<Ok<List<ActingPart>>, ProblemHttpResult>> Parts(BatchesToAct asked, BatchShelf shelf, Library library)
    {
        if (Limits.Count("numbers", asked.Numbers.Count, 1, MostActedOn) is { } refusal)
            return refusal.ToResult();
        var names = (await library.Species()).ToDictionary(s => s.Id, s => s.CommonName);
        var byNumber = (await shelf.All()).ToDictionary(b => b.Row.Number);
        var parts = new List<ActingPart>();
        foreach (var number in asked.Numbers.Distinct())
        {
            if (!byNumber.TryGetValue(number, out var batch))
                return Refusal.NotFound("batch", Core.Text.Of($"B-{number}"), "It may have been discarded meanwhile.").ToResult();
            parts.AddRange(
                from p in batch.State.Living
                where !p.BooksClosed
                select new ActingPart(
                    batch.Row.Id,
                    number,
                    names[batch.Row.SpeciesId],
                    p.Id,
                    p.Vessel?.Label,
                    p.Place,
                    p.Plants.Emerged == 0 ? null : p.Plants,
                    p.Waiting,
                    batch.State.NextPart(p.Id),
                    WaterRegimes.AsksFor(p),
                    p.SownOn is not null
                )
            );
        }
        return TypedResults.Ok(parts);
    }
}
