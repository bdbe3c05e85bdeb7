using Gassel.Core.Climate;
using Gassel.Core.Germination;
using Gassel.Core.Seed;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Weather;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Learning;

internal static class LearningEndpoints
{
    public static void MapLearning(this RouteGroupBuilder api)
    {
        api.MapGet("/species/{id}/results", OfSpecies).ProducesProblem(404);
        api.MapGet("/species/{id}/treatments", Treatments).ProducesProblem(404);
        api.MapGet("/species/{id}/warmth", Warmth).ProducesProblem(404);
        api.MapGet("/forecasts-judged", Judged);
        api.MapGet("/frosts-judged", Frosts);
    }

    /// <summary>
    /// Every forecast whose truth is known, by kind: those kept with a plan, and those of the inside of containers that a thermometer lay
    /// in.
    /// </summary>
    private static async Task<IReadOnlyList<ForecastsView>> Judged(OwnBatches own, InsideLessons insides) =>
        [
            .. (await own.All())
                .SelectMany(f => f.Forecasts)
                .Concat((await insides.All()).SelectMany(i => i.Forecasts).OrderBy(f => f.On))
                .GroupBy(f => f.Kind)
                .OrderBy(kind => kind.Key)
                .Select(kind => View([.. kind])),
        ];

    /// <summary>Days of which it was told whether it would freeze, and whether it did: at the site, and in containers.</summary>
    private static async Task<IReadOnlyList<FrostsView>> Frosts(
        ForecastBook forecasts,
        YardWeather weather,
        InsideLessons insides,
        SiteClock clock,
        CancellationToken cancel
    )
    {
        var own = await weather.OwnDays();
        // a service tells hundreds of words a day; without a thermometer they are held against nothing
        var words = own.Count == 0 ? [] : await forecasts.From(own.Min(d => d.Date));
        var site = FrostTold.Of(words, own, (await weather.Forecast(cancel)).At.Offset, clock.Settings.FrostOffsetK);
        var inside = (await insides.All()).SelectMany(i => i.Freezes).OrderBy(d => d.Date).ToList();
        return [.. new[] { View(false, site), View(true, inside) }.OfType<FrostsView>()];
    }

    private static FrostsView? View(bool inside, IReadOnlyList<FrostTold> days)
    {
        if (days.Count == 0)
            return null;
        var score = FrostScore.Of(days);
        return new(inside, days, score.Words(inside), [.. score.Working, FrostWorking(inside)]);
    }

    private static string FrostWorking(bool inside) =>
        inside
            ? "Told with frost is a day whose whole range lay below nought, without one whose range lay above; the others said neither."
            : "By the low as last told before the day began; it froze where the yard’s own thermometer came to nought or below.";

    private static ForecastsView View(IReadOnlyList<JudgedForecast> forecasts)
    {
        var score = ForecastScore.Of(forecasts);
        return new(
            score.Kind,
            [.. forecasts.Select(f => new ForecastBeside(f.Batch, f.On, f.Low, f.High, f.Guess, f.Truth, f.Held))],
            score.Words,
            score.Width,
            score.Working
        );
    }

    /// <summary>Which treatments matter, by finished batches of the species and of its genus.</summary>
    private static async Task<Results<Ok<SpeciesTreatments>, ProblemHttpResult>> Treatments(
        string id,
        Library library,
        TreatmentLessons lessons
    ) =>
        (await library.Species()).SingleOrDefault(s => s.Id == id) is { } species
            ? TypedResults.Ok(await lessons.Of(species))
            : Refusal.NotFound("species", id, "Choose a species of the library.").ToResult();

    /// <summary>With how much warmth it comes up, by finished sowings indoors.</summary>
    private static async Task<Results<Ok<SpeciesWarmth>, ProblemHttpResult>> Warmth(string id, Library library, WarmthLessons lessons)
    {
        if ((await library.Species()).SingleOrDefault(s => s.Id == id) is not { } species)
            return Refusal.NotFound("species", id, "Choose a species of the library.").ToResult();
        return TypedResults.Ok(
            new SpeciesWarmth(await lessons.Of(species) is { } lesson ? WarmthView.Of(lesson, species.Germination) : null)
        );
    }

    /// <summary>Routes with a finished batch, in the order of the species.</summary>
    private static async Task<Results<Ok<IReadOnlyList<RouteResults>>, ProblemHttpResult>> OfSpecies(
        string id,
        Library library,
        OwnBatches own,
        LotBook lots,
        EvidenceBook evidence,
        ColdLessons cold,
        ColdByThermometer thermometers,
        SiteClock clock
    )
    {
        if ((await library.Species()).SingleOrDefault(s => s.Id == id) is not { } species)
            return Refusal.NotFound("species", id, "Choose a species of the library.").ToResult();
        var (all, others) = (await own.All(), await evidence.All());
        var byLot = (await lots.All()).ToDictionary(l => l.Id, l => l.Lot);
        var school = clock.Settings.ViabilitySchool;
        var results = new List<RouteResults>();
        foreach (var route in species.Routes)
        {
            var batches = all.Where(f => f.Result.SpeciesId == id && f.Result.RouteId == route.Id).ToList();
            var theirs = EvidenceBook.Of(others, species, route);
            if (batches.Count == 0 && theirs.Count == 0)
                continue;
            var learned = cold.Of(id, route, batches, EvidenceBook.ColdOf(others, species, route));
            if (learned is not null)
                learned = learned with { ByThermometer = await thermometers.Words(species, batches) };
            results.Add(Of(route, batches, theirs, learned, b => Forecast(species, b, all, byLot, school)));
        }
        return TypedResults.Ok<IReadOnlyList<RouteResults>>(results);
    }

    private static RouteResults Of(
        Core.Treatments.Route route,
        List<FinishedBatch> batches,
        IReadOnlyList<OthersBatches> theirs,
        ColdLearned? cold,
        Func<FinishedBatch, GerminationForecast?> afterwards
    )
    {
        var germinate = route.Steps.Single(s => s.Kind == StepKind.Germinate);
        var rule = Viability.WildCollected * LotJudgement.ComesUpOfLive;
        var prior = EvidencePrior.From(rule, theirs);
        var learned = EvidencePrior.Learn(prior, rule, [.. batches.Where(b => b.Result.Accident is null).Select(b => b.Result.Past)]);
        // outdoors the days since sowing hold the winter too
        var sowings = route.IsOutdoors
            ? []
            : batches
                .Where(b => b.Result is { AtLeast: false, Accident: null })
                .SelectMany(b => b.Batch.State.Living.Select(p => p.CountsSinceSowing()))
                .ToList();
        return new(
            route.Id,
            route.Name,
            germinate.Days,
            [.. batches.Select(b => Outcome(b, afterwards))],
            LearnedView.Of(learned, prior),
            ObservedWindow.Of(sowings, germinate.Days),
            cold,
            [
                .. theirs.Select(o => new OthersView(
                    o.Nursery,
                    o.Batches.Count,
                    o.Batches.Sum(b => b.Germinated),
                    o.Batches.Sum(b => b.Seeds)
                )),
            ]
        );
    }

    private static BatchOutcome Outcome(FinishedBatch finished, Func<FinishedBatch, GerminationForecast?> afterwards)
    {
        var (result, plan) = (finished.Result, finished.Batch.Plan);
        var forecast = plan.Forecast ?? afterwards(finished);
        var wilson = Proportion.Wilson(result.Germinated, result.Seeds, 0.95);
        var share = (double)result.Germinated / result.Seeds;
        return new(
            finished.Batch.Row.Id,
            finished.Batch.Row.Number,
            result.OverOn,
            result.Germinated,
            result.Seeds,
            share,
            wilson.Low,
            wilson.High,
            result.ColdDays,
            forecast,
            plan.Forecast is not null,
            forecast is null || result is { AtLeast: true } or { Accident: not null }
                ? null
                : share >= forecast.Low && share <= forecast.High,
            result.AtLeast,
            result.Accident,
            finished.Batch.State.ResultJudged is not null
        );
    }

    /// <summary>As the batches finished before it was planned would have made it.</summary>
    private static GerminationForecast? Forecast(
        Core.Treatments.Species species,
        FinishedBatch finished,
        IReadOnlyList<FinishedBatch> all,
        Dictionary<int, SeedLot> lots,
        ViabilitySchool school
    )
    {
        var row = finished.Batch.Row;
        if (!lots.TryGetValue(row.LotId, out var lot))
            return null;
        var planned = finished.PlannedOn;
        var route = finished.Batch.Plan.Route;
        return LotJudgement
            .Of(lot, species, route, school, planned, OwnBatches.Past(all, species.Id, route.Id, planned))
            .Forecast(finished.Result.Seeds);
    }
}
