using System.Globalization;
using System.Text;
using Gassel.Core;
using Gassel.Core.Climate;
using Gassel.Core.Closing;
using Gassel.Core.Growing;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.People;
using Gassel.Web.Features.Plan;
using Gassel.Web.Features.Site;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Closing;

internal static class ClosingEndpoints
{
    public static void MapClosing(this RouteGroupBuilder api)
    {
        api.MapGet("/closing", Summary).ProducesProblem(400);
        api.MapGet("/closing/batches/{id:guid}", OfBatch).ProducesProblem(400).ProducesProblem(404);
        api.MapGet("/closing/years", Years);
        api.MapGet("/closing.csv", File).Produces<string>(200, "text/csv").ProducesProblem(400);
        api.MapPut("/closing/costs", SaveCosts).For(Role.Grower).ProducesProblem(400);
        api.MapPost("/closing/next-season", Again).For(Role.Grower).ProducesProblem(400);
    }

    private static async Task<Results<Ok<SeasonBooks>, ProblemHttpResult>> Summary(
        string? season,
        Library library,
        BatchShelf shelf,
        SetAside aside,
        LotBook lots,
        SiteClock clock
    )
    {
        var (wanted, refusal) = Year(season);
        return refusal is not null ? refusal.ToResult() : TypedResults.Ok(await Of(wanted, library, shelf, aside, lots, clock));
    }

    private static async Task<Results<Ok<BatchBooks>, ProblemHttpResult>> OfBatch(
        Guid id,
        Library library,
        BatchShelf shelf,
        SetAside aside,
        LotBook lots,
        SiteClock clock
    )
    {
        if (await shelf.Find(id) is not { } batch)
            return BatchNames.NoSuchBatch(id).ToResult();
        var all = await Accounts(library, shelf, aside, lots, clock);
        if (all.SingleOrDefault(b => b.Id == id) is not { } account)
            return new Refusal("batch", $"B-{batch.Row.Number} has not begun, so it has no books yet; start its first step.").ToResult();
        var compared = TreatmentsCompared
            .Of(all.Where(b => b.Season == account.Season && b.SpeciesId == account.SpeciesId))
            .SingleOrDefault();
        return TypedResults.Ok(
            new BatchBooks(
                account,
                Proposals.Of(account),
                compared,
                LeftOver.Of(account.Plants, account.PlantsWanted)?.Words,
                clock.Settings.Costs ?? new()
            )
        );
    }

    /// <summary>Batches that live through several winters, the longest first.</summary>
    private static async Task<List<LongRecord>> Years(Library library, BatchShelf shelf, SetAside aside, SiteClock clock)
    {
        var species = (await library.Species()).ToDictionary(s => s.Id);
        var south = (clock.Site?.Latitude ?? 0) < 0;
        return
        [
            .. aside
                .Each(await shelf.All(), b =>
                    LongRecord.Of(b.Row.Id, b.Row.Number, species[b.Row.SpeciesId], b.Plan, b.State, south, clock.Today)
                )
                .OfType<LongRecord>()
                .OrderBy(r => r.StartedOn)
                .ThenBy(r => r.Number),
        ];
    }

    private static (int? Season, Refusal? Refusal) Year(string? season) =>
        string.IsNullOrEmpty(season) ? (null, null)
        : int.TryParse(season, NumberStyles.None, CultureInfo.InvariantCulture, out var year) && year is >= 1900 and <= 2200 ? (year, null)
        : (null, new("season", $"season was '{season}'; valid is the first year of a winter, such as 2026."));

    private static async Task<SeasonBooks> Of(int? wanted, Library library, BatchShelf shelf, SetAside aside, LotBook lots, SiteClock clock)
    {
        var all = await Accounts(library, shelf, aside, lots, clock);
        var present = Winters.Of(clock.Today, (clock.Site?.Latitude ?? 0) < 0);
        return new(
            SeasonAccount.Of(wanted ?? present, all),
            [.. all.Select(b => b.Season).Append(present).Distinct().OrderDescending()],
            clock.Settings.Costs ?? new()
        );
    }

    /// <summary>Of every batch that has begun.</summary>
    private static async Task<List<BatchAccount>> Accounts(Library library, BatchShelf shelf, SetAside aside, LotBook lots, SiteClock clock)
    {
        var species = (await library.Species()).ToDictionary(s => s.Id);
        var places = (await library.Places()).ToDictionary(p => p.Id);
        var seed = (await lots.All()).ToDictionary(l => l.Id, l => l.Lot);
        var (costs, south) = (clock.Settings.Costs ?? new(), (clock.Site?.Latitude ?? 0) < 0);
        return
        [
            .. aside
                .Each(await shelf.All(), b =>
                    BatchAccount.Of(
                        b.Row.Id,
                        b.Row.Number,
                        species[b.Row.SpeciesId],
                        b.Row.LotId,
                        seed.GetValueOrDefault(b.Row.LotId),
                        b.Plan,
                        b.State,
                        b.Entries,
                        places,
                        costs,
                        south,
                        clock.Today
                    )
                )
                .OfType<BatchAccount>(),
        ];
    }

    private static async Task<IResult> File(
        string? season,
        Library library,
        BatchShelf shelf,
        SetAside aside,
        LotBook lots,
        SiteClock clock
    )
    {
        var (wanted, refusal) = Year(season);
        if (refusal is not null)
            return refusal.ToResult();
        var account = (await Of(wanted, library, shelf, aside, lots, clock)).Account;
        var csv = new StringBuilder(
            "batch,species,route,lot,started,seeds,germinated,fraction,low,high,mean_days,first_up,pricked_out,"
                + "potted,hardened,planted,alive,dormant,lost,losses,forecast_low,forecast_high,gestures,cost,"
                + "cost_per_plant,saved,closed,cold_days\n"
        );
        foreach (var b in account.Batches)
        {
            var losses = string.Join("; ", b.Plants.Losses.Select(l => Text.Of($"{l.Plants} {l.Cause.Words()} at {l.Stage.Words()}")));
            csv.Append(
                CultureInfo.InvariantCulture,
                $"B-{b.Number},{CsvText.Quoted(b.CommonName)},{CsvText.Quoted(b.RouteName)},{b.LotId},"
                    + $"{b.StartedOn:yyyy-MM-dd},{b.Seeds},{b.Germinated},{b.Fraction:0.####},{b.Low:0.####},"
                    + $"{b.High:0.####},{b.MeanDays:0.#},{b.FirstUpOn:yyyy-MM-dd},"
            );
            csv.Append(
                CultureInfo.InvariantCulture,
                $"{b.Plants.At(PlantStage.PrickedOut).Reached},{b.Plants.At(PlantStage.Potted).Reached},"
                    + $"{b.Plants.At(PlantStage.Hardened).Reached},{b.Plants.At(PlantStage.Planted).Reached},"
                    + $"{b.Plants.Alive},{b.Plants.Dormant},{b.Plants.Lost},{CsvText.Quoted(losses)},"
            );
            csv.Append(
                CultureInfo.InvariantCulture,
                $"{b.Forecast?.Low:0.####},{b.Forecast?.High:0.####},{b.Gestures},{b.Cost.Total:0.00},"
                    + $"{b.Cost.PerPlant:0.00},{b.Cost.Saved:0.00},{b.BooksClosedOn:yyyy-MM-dd},{b.ColdDays}\n"
            );
        }
        return Results.File(Encoding.UTF8.GetBytes(csv.ToString()), "text/csv; charset=utf-8", Text.Of($"season-{account.Season}.csv"));
    }

    private static async Task<Results<Ok<CostAssumptions>, ProblemHttpResult>> SaveCosts(
        CostAssumptions costs,
        SiteSaving site,
        SiteClock clock,
        CancellationToken cancel
    )
    {
        if (CostLimits.Check(costs) is { } refusal)
            return refusal.ToResult();
        if (clock.Site is null)
            return new Refusal("site", "Costs are kept with the site; name the site first.").ToResult();
        await site.Change(settings => settings with { Costs = costs }, cancel);
        return TypedResults.Ok(costs);
    }

    /// <summary>
    /// Each batch once more, a year on, with the number of seeds that its own results ask for. Nothing is made of those that cannot be.
    /// </summary>
    private static async Task<Results<Ok<NextSeason>, ProblemHttpResult>> Again(
        NextSeasonRequest request,
        Asker asker,
        Func<GasselDb> connect,
        WriteGate gate,
        PlanBooks books,
        CancellationToken cancel
    )
    {
        if ((Limits.Text("who", request.Who, 40) ?? Limits.Count("batches", request.Batches.Count, 1, 500)) is { } refusal)
            return refusal.ToResult();
        // all of it is looked at before any of it is made
        var asked = new List<(Guid Id, ShelvedBatch Old)>();
        for (var i = 0; i < request.Batches.Count; i++)
        {
            if (request.Batches[i] is not { } again)
                return new Refusal($"batches[{i}]", $"batches[{i}] is null; a batch with a new id is needed.").ToResult();
            if (asked.Any(other => other.Id == again.Id))
                return new Refusal($"batches[{i}].id", "Two of the batches have the same id; each new batch needs its own.").ToResult();
            if (await books.Shelf.Find(again.From) is not { } from)
                return BatchNames.NoSuchBatch(again.From).ToResult();
            asked.Add((again.Id, from));
        }
        var (made, refused) = (new List<ConfirmedBatch>(), new List<string>());
        foreach (var (id, old) in asked)
        {
            var anchor = old.Plan.Anchor;
            var next = anchor.Date.AddYears(1);
            while (next < books.Clock.Today)
                next = next.AddYears(1);
            var plan = new PlanRequest(
                old.Row.SpeciesId,
                await Lot(books.Lots, old.Row.SpeciesId, old.Row.LotId),
                old.Plan.Plants,
                anchor.Event,
                old.Plan.Route.Id,
                Date: next
            );
            var answer = await PlanConfirmation.Confirm(
                new(id, plan, PlanChoice.Usual, null, request.Who),
                asker,
                connect,
                gate,
                books,
                cancel
            );
            if (answer.Result is Ok<ConfirmedBatch> { Value: { } batch })
                made.Add(batch);
            else if (answer.Result is ProblemHttpResult problem)
                refused.Add($"B-{old.Row.Number}: {problem.ProblemDetails.Detail}");
        }
        return TypedResults.Ok(new NextSeason(made, refused));
    }

    /// <summary>The same lot while it has seed, then the youngest of the species that has.</summary>
    private static async Task<int> Lot(LotBook book, string species, int before)
    {
        var lots = (await book.All()).Where(l => l.SpeciesId == species && l.Left > 0).ToList();
        return lots.Any(l => l.Id == before) ? before : lots.MaxBy(l => l.Lot.GatheredOn)?.Id ?? before;
    }
}
