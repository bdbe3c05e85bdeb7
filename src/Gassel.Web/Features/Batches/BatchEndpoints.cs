using Gassel.Core.Batches;
using Gassel.Data;
using Gassel.Data.Rows;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Batches;

internal static class BatchEndpoints
{
    public static void MapBatches(this RouteGroupBuilder api)
    {
        api.MapGet("/batches", All);
        api.MapGet("/batches/{id:guid}", One).ProducesProblem(404);
        api.MapPost("/batches/{id:guid}/entries", Record).ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        api.MapGet("/places", async (Func<GasselDb> connect) =>
        {
            await using var db = connect();
            return (await PlaceRows(db)).Select(p => p.ToPlace()).ToList();
        });
    }

    public static Refusal NoSuchBatch(Guid id) => Refusal.NotFound("batch", id, "Choose one of the batches listed.");

    /// <summary>What a screen shows of a batch after anything has been recorded.</summary>
    public static async Task<BatchView> View(ShelvedBatch batch, Func<GasselDb> connect, DateOnly today)
    {
        await using var db = connect();
        var species = (await SpeciesShelf.Load(db)).Single(s => s.Id == batch.Row.SpeciesId);
        return BatchViews.Whole(batch, species, await PlaceNames(db), today);
    }

    public static Task<List<PlaceRow>> PlaceRows(GasselDb db) => db.Places.AsNoTracking().OrderBy(p => p.Position).ToListAsync();

    /// <summary>The answer to a recording: the batch as it is now, or why nothing was saved.</summary>
    public static async Task<Results<Ok<BatchView>, ProblemHttpResult>> Answer(RecordingResult result, Guid batch, Func<GasselDb> connect, DateOnly today)
    {
        switch (result)
        {
            case RecordingResult.Recorded recorded:
                return TypedResults.Ok(await View(recorded.Batch, connect, today));
            case RecordingResult.NoSuchEntry lost:
                return Refusal.NotFound("entry", lost.Id, "Only an entry of this batch can be taken back.").ToResult();
            case RecordingResult.Warned warned:
                await using (var db = connect())
                {
                    var names = await PlaceNames(db);
                    var plan = CoreJson.Read<BatchPlan>((await db.Batches.AsNoTracking().SingleAsync(b => b.Id == batch)).Plan);
                    return new Refusal(null, string.Join(' ', warned.Conflicts.Select(c => c.Words).Distinct()), StatusCodes.Status409Conflict, "Does not fit what is recorded")
                        .ToResult(new Dictionary<string, object?>
                        {
                            ["conflicts"] = warned.Conflicts.Select(c => new { c.Entry, c.Code, c.Part, c.Said, c.Limit, c.Words }),
                            ["chain"] = warned.Chain.Select(e => new { e.Id, e.DoneOn, Words = EntryWords.Of(e.Payload, plan, names) }),
                        });
                }
            default:
                return NoSuchBatch(batch).ToResult();
        }
    }

    private static async Task<List<BatchSummary>> All(Func<GasselDb> connect, BatchShelf shelf, SiteClock clock)
    {
        await using var db = connect();
        var species = (await SpeciesShelf.Load(db)).ToDictionary(s => s.Id);
        return [.. (await shelf.All()).Select(b => BatchViews.Summary(b, species[b.Row.SpeciesId], clock.Today))];
    }

    private static async Task<Results<Ok<BatchView>, ProblemHttpResult>> One(Guid id, Func<GasselDb> connect, BatchShelf shelf, SiteClock clock) =>
        await shelf.Find(id) is { } batch
            ? TypedResults.Ok(await View(batch, connect, clock.Today))
            : NoSuchBatch(id).ToResult();

    private static async Task<Results<Ok<BatchView>, ProblemHttpResult>> Record(
        Guid id, RecordRequest request, Func<GasselDb> connect, EntryRecorder recorder, SiteClock clock, CancellationToken cancel)
    {
        await using (var db = connect())
        {
            var places = (await PlaceRows(db)).Select(p => p.Id).ToList();
            if (request.Check(clock.Today, places) is { } refusal) return refusal.ToResult();
        }
        return await Answer(await recorder.Record(id, request.ToEntries(), request.IfConflict ?? IfConflict.Warn, cancel), id, connect, clock.Today);
    }

    private static async Task<Dictionary<string, string>> PlaceNames(GasselDb db) => (await PlaceRows(db)).ToDictionary(p => p.Id, p => p.Name);
}
