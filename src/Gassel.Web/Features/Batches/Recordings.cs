using Gassel.Core.Record;
using Gassel.Data;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.People;
using Gassel.Web.Features.Rounds;
using Gassel.Web.Features.Yard;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Batches;

/// <summary>Takes a gesture in: its shape, who may, what the hazard forbids, and then the book.</summary>
internal sealed class Recordings(
    Library library,
    BatchShelf shelf,
    EntryRecorder recorder,
    RecordingRights rights,
    TrayRights trays,
    YardRights yard,
    RoundsBook book,
    WholeBatch whole,
    SiteClock clock
)
{
    /// <param name="single">True where the request names one batch in its address, so that fields are named without it.</param>
    /// <param name="wanted">What the answer is to tell.</param>
    public async Task<Results<Ok<Recorded>, ProblemHttpResult>> TakeAndTell(
        RecordManyRequest request,
        Asker asker,
        bool single,
        Wanted wanted,
        CancellationToken cancel
    )
    {
        var left = new HashSet<string>();
        var (recorded, refusal) = await Take(request, asker, single, left, cancel);
        if (recorded is null)
            return refusal!;
        return TypedResults.Ok(
            new Recorded(
                recorded,
                wanted.Rounds && !ReadsPlace(request)
                    ? await Told<RoundsChange>(async () => await book.After(recorded.Select(r => r.Batch).ToHashSet(), left, cancel))
                    : null,
                wanted.Batch ? await Told(() => whole.Of(recorded[0].Batch, cancel)) : null
            )
        );
    }

    /// <summary>A thermometer read by eye tells of all that stands at its place, not of the batches of the gesture alone.</summary>
    private static bool ReadsPlace(RecordManyRequest request) =>
        request.Batches.Any(b => b.Entries.Any(e => e.Payload is Check { PlaceC: not null }));

    /// <summary>It is recorded, and must not look as if it were not: who asks for a view next is told what is wrong with it.</summary>
    private static async Task<T?> Told<T>(Func<Task<T?>> view)
        where T : class
    {
        try
        {
            return await view();
        }
        catch (Exception failed) when (failed is not OperationCanceledException)
        {
            return null;
        }
    }

    /// <summary>The same without an answer of its own.</summary>
    public Task<(IReadOnlyList<Recording>? Recorded, ProblemHttpResult? Refusal)> Take(
        RecordManyRequest request,
        Asker asker,
        bool single,
        CancellationToken cancel
    ) => Take(request, asker, single, [], cancel);

    /// <param name="left">Gets the ids of the places where the batches stand before.</param>
    private async Task<(IReadOnlyList<Recording>? Recorded, ProblemHttpResult? Refusal)> Take(
        RecordManyRequest request,
        Asker asker,
        bool single,
        HashSet<string> left,
        CancellationToken cancel
    )
    {
        var places = await library.Places();
        if (request.Check(clock.Today, [.. places.Select(p => p.Id)]) is { } refusal)
            return (null, Named(refusal, single).ToResult());
        var species = (await library.Species()).ToDictionary(s => s.Id);
        for (var i = 0; i < request.Batches.Count; i++)
        {
            var (id, entries) = request.Batches[i];
            if (await rights.Refuse(asker, id, request.Of(request.Batches[i])) is { } refused)
                return (null, refused.ToResult());
            if (await shelf.Find(id) is not { } batch)
                return (null, BatchNames.NoSuchBatch(id).ToResult());
            left.UnionWith(batch.State.Living.Select(part => RoundsBook.StandsAt(part, places).Id));
            var forbidden = entries
                .Select(
                    (e, n) => HazardRights.Check($"batches[{i}].entries[{n}].payload", species[batch.Row.SpeciesId], batch.Plan, e.Payload)
                )
                .FirstOrDefault(r => r is not null);
            if (forbidden is not null)
                return (null, Named(forbidden, single).ToResult());
        }
        if (await trays.Object(request) is { } held)
        {
            if (held.Objection.IsHazard)
                return (null, Named(new(held.At, held.Objection.Words), single).ToResult());
            if (request.IfConflict != IfConflict.Keep)
                return (null, Taken(held.Objection.Words));
        }
        if (request.IfConflict != IfConflict.Keep && await yard.Object(request) is { } why)
            return (null, Taken(why));
        var act = request.Batches.Select(b => new BatchEntries(b.Batch, request.Of(b).ToEntries())).ToList();
        return await recorder.Record(act, request.IfConflict ?? IfConflict.Warn, cancel) switch
        {
            RecordingResult.Recorded recorded => ([.. recorded.Batches.Select(b => new Recording(b.Row.Id, b.State.LastSequence))], null),
            RecordingResult.IdTaken taken => (
                null,
                new Refusal(
                    "id",
                    $"The id {taken.Id} is that of another entry; each entry needs a new one. Nothing was saved.",
                    StatusCodes.Status409Conflict,
                    "Id taken"
                ).ToResult()
            ),
            RecordingResult.NoSuchEntry lost => (
                null,
                Refusal.NotFound("entry", lost.Id, "Only an entry of this batch can be undone.").ToResult()
            ),
            RecordingResult.Warned warned => (null, Warn(warned, (await shelf.Find(warned.Batch))!, BatchNames.OfPlaces(places), single)),
            RecordingResult.NoSuchBatch none => (null, BatchNames.NoSuchBatch(none.Batch).ToResult()),
            _ => throw new InvalidOperationException("an answer without words"),
        };
    }

    private static Refusal Named(Refusal refusal, bool single) =>
        single && refusal.Field is { } field
            ? refusal with
            {
                Field = field.Replace("batches[0].", "", StringComparison.Ordinal),
                Detail = refusal.Detail.Replace("batches[0].", "", StringComparison.Ordinal),
            }
            : refusal;

    private static ProblemHttpResult Taken(string words) =>
        new Refusal(null, words, StatusCodes.Status409Conflict, "Does not fit what is recorded").ToResult(
            new Dictionary<string, object?> { ["conflicts"] = Array.Empty<object>(), ["chain"] = Array.Empty<object>() }
        );

    /// <summary>Why nothing was saved, and for a take-back what would have to go with it.</summary>
    private static ProblemHttpResult Warn(
        RecordingResult.Warned warned,
        ShelvedBatch batch,
        Dictionary<string, string> placeNames,
        bool single
    ) =>
        new Refusal(
            null,
            $"{(single ? "" : $"B-{batch.Row.Number}: ")}{string.Join(' ', warned.Conflicts.Select(c => c.Words).Distinct())}",
            StatusCodes.Status409Conflict,
            "Does not fit what is recorded"
        ).ToResult(
            new Dictionary<string, object?>
            {
                ["conflicts"] = warned.Conflicts.Select(c => new
                {
                    c.Entry,
                    c.Code,
                    c.Part,
                    c.Said,
                    c.Limit,
                    c.Words,
                }),
                ["chain"] = warned.Chain.Select(e => new
                {
                    e.Id,
                    e.DoneOn,
                    Words = EntryWords.Of(e.Payload, batch.Plan, placeNames),
                }),
            }
        );
}
