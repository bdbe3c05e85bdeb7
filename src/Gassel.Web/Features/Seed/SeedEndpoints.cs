using Gassel.Core.Planning;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Data.Rows;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Seed;

/// <summary>A germination test: seed put up and seed that came up under the treatment of the route.</summary>
public sealed record GerminationTest(int Germinated, int Seeds);

/// <summary>Exactly one of <paramref name="AssumedFraction"/> and <paramref name="Test"/>.</summary>
/// <param name="AssumedFraction">Share expected to come up, in (0, 1].</param>
public sealed record LotDetails(
    string SpeciesId, string GatheredAt, DateOnly GatheredOn, int Seeds, double? AssumedFraction = null, GerminationTest? Test = null, string? Note = null);

/// <param name="SeedsLeft">On hand less what batches took, or were planned to take where they have not begun.</param>
public sealed record LotView(int Id, LotDetails Details, int SeedsLeft);

internal static class SeedEndpoints
{
    public static void MapSeed(this RouteGroupBuilder api)
    {
        api.MapGet("/lots", async (Func<GasselDb> connect, BatchShelf shelf) =>
        {
            await using var db = connect();
            var batches = await shelf.All();
            return (await db.Lots.AsNoTracking().OrderBy(l => l.Id).ToListAsync()).Select(l => View(l, batches)).ToList();
        });
        api.MapPost("/lots", (LotDetails lot, Func<GasselDb> connect, WriteGate gate, BatchShelf shelf, SiteClock clock, CancellationToken cancel) =>
            Save(null, lot, connect, gate, shelf, clock, cancel)).ProducesProblem(400);
        api.MapPut("/lots/{id:int}", (int id, LotDetails lot, Func<GasselDb> connect, WriteGate gate, BatchShelf shelf, SiteClock clock, CancellationToken cancel) =>
            Save(id, lot, connect, gate, shelf, clock, cancel)).ProducesProblem(400).ProducesProblem(404);
        api.MapGet("/collecting-caution", () => Cautions.ForCollecting);
    }

    public static LotView View(LotRow row, IReadOnlyList<ShelvedBatch> batches) => new(
        row.Id,
        new(row.SpeciesId, row.GatheredAt, row.GatheredOn, row.Seeds, row.AssumedFraction,
            row is { TestGerminated: { } up, TestSeeds: { } of } ? new(up, of) : null, row.Note),
        row.Seeds - Drawn(row.Id, batches));

    public static GerminationBelief Belief(LotRow row) => row is { TestGerminated: { } up, TestSeeds: { } of }
        ? new GerminationBelief.Tested(up, of)
        : new GerminationBelief.Known(row.AssumedFraction ?? 1);

    private static int Drawn(int lot, IReadOnlyList<ShelvedBatch> batches) =>
        batches.Where(b => b.Row.LotId == lot).Sum(b => b.State.Started ? b.State.SeedsStarted : b.Plan.Seeds);

    private static async Task<Results<Ok<LotView>, ProblemHttpResult>> Save(
        int? id, LotDetails lot, Func<GasselDb> connect, WriteGate gate, BatchShelf shelf, SiteClock clock, CancellationToken cancel)
    {
        if (Check(lot, clock.Today) is { } refusal) return refusal.ToResult();
        return await gate.Write<Results<Ok<LotView>, ProblemHttpResult>>(async () =>
        {
            await using var db = connect();
            var batches = await shelf.All();
            if (!await db.Species.AnyAsync(s => s.Id == lot.SpeciesId, CancellationToken.None))
            {
                return Refusal.NotFound("speciesId", lot.SpeciesId, "Choose a species of the library.").ToResult();
            }
            LotRow? row;
            if (id is null)
            {
                db.Lots.Add(row = new() { SpeciesId = lot.SpeciesId, GatheredAt = "" });
            }
            else
            {
                row = await db.Lots.SingleOrDefaultAsync(l => l.Id == id, CancellationToken.None);
                if (row is null) return Refusal.NotFound("lot", id, "Choose one of the lots on Seed.").ToResult();
                var drawn = Drawn(row.Id, batches);
                if (lot.Seeds < drawn) return new Refusal("seeds", $"seeds was {lot.Seeds}, but batches have taken {drawn} of this lot; valid is {drawn} or more.").ToResult();
                if (lot.SpeciesId != row.SpeciesId && drawn > 0)
                {
                    return new Refusal("speciesId", "Batches have taken seed of this lot, so its species stays.").ToResult();
                }
            }
            (row.SpeciesId, row.GatheredAt, row.GatheredOn, row.Seeds) = (lot.SpeciesId, lot.GatheredAt.Trim(), lot.GatheredOn, lot.Seeds);
            (row.AssumedFraction, row.TestGerminated, row.TestSeeds, row.Note) = (lot.AssumedFraction, lot.Test?.Germinated, lot.Test?.Seeds, lot.Note?.Trim());
            await db.SaveChangesAsync(CancellationToken.None);
            return TypedResults.Ok(View(row, batches));
        }, cancel);
    }

    private static Refusal? Check(LotDetails lot, DateOnly today)
    {
        if ((Limits.Text("gatheredAt", lot.GatheredAt, 120)
            ?? Limits.Day("gatheredOn", lot.GatheredOn)
            ?? Limits.Whole("seeds", lot.Seeds, 1, 1_000_000)
            ?? Limits.Text("note", lot.Note, 1000, required: false)) is { } refusal) return refusal;
        if (lot.GatheredOn > today) return new("gatheredOn", $"gatheredOn was {lot.GatheredOn:yyyy-MM-dd}; valid is a day up to today, {today:yyyy-MM-dd}.");
        if (lot.AssumedFraction is null == lot.Test is null)
        {
            return new("assumedFraction", "Exactly one of assumedFraction and test is needed: say what you expect, or what a test showed.");
        }
        return lot.AssumedFraction is { } share
            ? Limits.Open("assumedFraction", share, 0, 1, includeMax: true)
            : Limits.Whole("test.seeds", lot.Test!.Seeds, 1, 10_000) ?? Limits.Whole("test.germinated", lot.Test.Germinated, 0, lot.Test.Seeds);
    }
}
