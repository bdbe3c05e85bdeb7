using Gassel.Data;
using Gassel.Data.People;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Gassel.Web.Features.Counting;

internal static class CountEndpoints
{
    private const int MaxBytes = 500_000;

    public static void MapCount(this RouteGroupBuilder api)
    {
        api.MapGet("/count", CountTrays.Standing);
        api.MapGet("/counts.csv", CountsWritten.Write).Produces<string>(200, "text/csv");
        api.MapPost("/batches/{id:guid}/parts/{part}/counts-file", ReadFile)
            .For(Role.Volunteer)
            .Accepts<string>("text/csv")
            .WithMetadata(new RequestSizeLimitAttribute(MaxBytes))
            .ProducesProblem(400)
            .ProducesProblem(404)
            .ProducesProblem(413)
            .ProducesProblem(415);
    }

    /// <summary>Judges every row; with <paramref name="save"/> the good ones are recorded together.</summary>
    private static async Task<Results<Ok<CountFileReport>, ProblemHttpResult>> ReadFile(
        Guid id,
        string part,
        bool save,
        string who,
        HttpRequest request,
        Asker asker,
        BatchShelf shelf,
        EntryRecorder recorder,
        SiteClock clock,
        CancellationToken cancel
    )
    {
        if (Limits.Text("who", who, 40) is { } nobody)
            return nobody.ToResult();
        if (await shelf.Find(id) is not { } batch)
            return BatchNames.NoSuchBatch(id).ToResult();
        if (batch.State.Living.SingleOrDefault(p => p.Id == part) is not { } state)
        {
            return Refusal.NotFound("part", part, $"This batch has {string.Join(", ", batch.State.Living.Select(p => p.Id))}.").ToResult();
        }
        using var body = new MemoryStream();
        await request.Body.CopyToAsync(body, cancel);
        var (rows, refusal) = CountFile.Read(body.ToArray(), batch, state, clock.Today);
        if (rows is null)
            return refusal!.ToResult();
        var accepted = rows.Count(r => r.Accepted);
        var saved = false;
        if (save && accepted > 0)
        {
            var result = await recorder.Record(
                id,
                CountFile.ToEntries(rows, part, asker.Sign(who), clock.GetUtcNow()),
                IfConflict.Warn,
                cancel
            );
            if (result is not RecordingResult.Recorded)
            {
                return new Refusal(
                    "file",
                    "Something was recorded on this part while the file was read; look at the rows again.",
                    StatusCodes.Status409Conflict,
                    "Changed meanwhile"
                ).ToResult();
            }
            saved = true;
        }
        return TypedResults.Ok(new CountFileReport(rows, accepted, rows.Count - accepted, saved));
    }
}
