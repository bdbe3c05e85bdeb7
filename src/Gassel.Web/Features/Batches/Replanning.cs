using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Data;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Batches;

/// <summary>Taking a way on when a batch runs late, and trying another start without saving.</summary>
internal static class Replanning
{
    public static async Task<Results<Ok<Recording>, ProblemHttpResult>> Take(
        Guid id,
        ReplanRequest request,
        Asker asker,
        BatchShelf shelf,
        EntryRecorder recorder,
        SiteClock clock,
        CancellationToken cancel
    )
    {
        if (Limits.Text("who", request.Who, 40) is { } nobody)
            return nobody.ToResult();
        if (await shelf.Find(id) is not { } batch)
            return BatchNames.NoSuchBatch(id).ToResult();
        if (batch.Entries.Any(e => e.Id == request.Id))
            return TypedResults.Ok(new Recording(id, batch.State.LastSequence));
        if (batch.State.Living.SingleOrDefault(p => p.Id == request.Part) is not { } part)
        {
            return Refusal
                .NotFound("part", request.Part, $"This batch has {string.Join(", ", batch.State.Living.Select(p => p.Id))}.")
                .ToResult();
        }
        if (Replan.Take(batch.Plan, part, clock.Today, request.Choice) is not { } replanned)
        {
            return new Refusal("choice", $"{request.Choice} is not possible here; choose one of those shown as possible.").ToResult();
        }
        var now = clock.GetUtcNow();
        var entry = new Entry(request.Id, 0, request.Id, clock.Today, null, now, asker.Sign(request.Who), EntrySource.Hand, replanned);
        return await recorder.Record(id, [entry], IfConflict.Warn, cancel) is RecordingResult.Recorded recorded
            ? TypedResults.Ok(new Recording(id, recorded.Batch.State.LastSequence))
            : new Refusal(
                null,
                "Something was recorded meanwhile; look at the batch again.",
                StatusCodes.Status409Conflict,
                "Changed meanwhile"
            ).ToResult();
    }

    public static async Task<Results<Ok<WhatIfView>, ProblemHttpResult>> WhatIf(
        Guid id,
        WhatIfRequest request,
        Library library,
        BatchShelf shelf,
        SiteClock clock
    )
    {
        if (Limits.Day("startOn", request.StartOn) is { } wrong)
            return wrong.ToResult();
        if (await shelf.Find(id) is not { } batch)
            return BatchNames.NoSuchBatch(id).ToResult();
        if (batch.State.Started)
            return new Refusal("startOn", "This batch has begun; its start is a fact.").ToResult();
        if (request.StartOn < clock.Today)
            return new Refusal(
                "startOn",
                $"startOn was {request.StartOn:yyyy-MM-dd}; valid is today, {clock.Today:yyyy-MM-dd}, or later."
            ).ToResult();
        var part = BatchViews.MainPart(batch.State);
        var outlook = Replan.For(batch.Plan, part, clock.Today, request.StartOn);
        var room = await Room.At(library);
        var others = room.Taken((await shelf.All()).Where(b => b.Row.Id != id), clock.Today);
        var own = ShelfSpace.Of(
            batch.Plan.Route.Setting,
            outlook.Steps.Select(s => (batch.Plan.Steps[s.Step].Step, s.Start.Usual, s.End.Usual)),
            ShelfSpace.Trays(batch.Plan.Seeds),
            1,
            room.Near
        );
        return TypedResults.Ok(new WhatIfView(outlook, [.. ShelfSpace.Check(own, others, room.Capacity).Where(c => !c.Fits)]));
    }
}
