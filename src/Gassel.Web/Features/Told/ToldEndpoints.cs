using Gassel.Core;
using Gassel.Core.Record;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Data.Rows;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Told;

/// <summary>A winter already under way, entered fast: what is in the fridge, since when.</summary>
internal static class ToldEndpoints
{
    private const int MaxLines = 500;

    public static void MapTold(this RouteGroupBuilder api)
    {
        api.MapPost("/told/lines", Split).For(Role.Grower).ProducesProblem(400);
        api.MapPost("/told", Enter).For(Role.Grower).ProducesProblem(400);
    }

    private static Results<Ok<IReadOnlyList<ToldLine>>, ProblemHttpResult> Split(ToldText text)
    {
        var (lines, refusal) = ToldTable.Read(text.Text);
        return lines is null ? refusal!.ToResult() : TypedResults.Ok(lines);
    }

    private static async Task<Results<Ok<ToldReport>, ProblemHttpResult>> Enter(
        ToldRequest request,
        Asker asker,
        Func<GasselDb> connect,
        WriteGate gate,
        Library library,
        LotBook lots,
        BatchShelf shelf,
        SiteClock clock,
        CancellationToken cancel
    )
    {
        if ((Limits.Text("who", request.Who, 40) ?? Limits.Count("lines", request.Lines.Count, 1, MaxLines)) is { } refusal)
            return refusal.ToResult();
        return await gate.Write<Results<Ok<ToldReport>, ProblemHttpResult>>(
            async () =>
            {
                var judge = new ToldJudge(
                    await library.Species(),
                    await lots.All(),
                    [.. (await library.Places()).Where(p => p.RetiredOn is null)],
                    clock.Today,
                    clock.Settings.Units == Units.UnitedStates
                );
                var judged = request.Lines.Select(judge.Judge).ToList();
                var good = judged.Where(j => j.Good is not null).Select(j => j.Good!).ToList();
                var numbers = new List<int>();
                if (request.Save && good.Count > 0)
                {
                    await using var db = connect();
                    var number = await db.Batches.MaxAsync(b => (int?)b.Number, CancellationToken.None) ?? 0;
                    var now = clock.GetUtcNow();
                    var act = Guid.CreateVersion7(now);
                    foreach (var batch in good)
                    {
                        var row = new BatchRow
                        {
                            Id = Guid.CreateVersion7(now),
                            Number = ++number,
                            SpeciesId = batch.Species.Id,
                            LotId = batch.Lot.Id,
                            Plan = CoreJson.Write(batch.Plan),
                            ConfirmedAt = now.ToUnixTimeMilliseconds(),
                            Who = asker.Sign(request.Who),
                        };
                        var entries = batch
                            .Entries(row.Number)
                            .Select(payload => new Entry(
                                Guid.CreateVersion7(now),
                                0,
                                act,
                                batch.Since,
                                null,
                                now,
                                asker.Sign(request.Who),
                                EntrySource.Told,
                                payload
                            ));
                        db.Batches.Add(row);
                        db.Entries.AddRange(entries.Select(entry => EntryCodec.ToRow(entry, row.Id, now)));
                        numbers.Add(row.Number);
                    }
                    await db.SaveChangesAsync(CancellationToken.None);
                    await shelf.Reread();
                }
                return TypedResults.Ok(new ToldReport([.. judged.Select(j => j.Verdict)], good.Count, judged.Count - good.Count, numbers));
            },
            cancel
        );
    }
}
