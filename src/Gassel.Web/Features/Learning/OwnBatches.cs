using System.Collections.Concurrent;
using Gassel.Core.Fold;
using Gassel.Core.Germination;
using Gassel.Core.Places;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Data;
using Gassel.Data.Readings;
using Gassel.Web.Features.Book;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Learning;

/// <summary>What the finished batches of the book say, by species and route.</summary>
internal sealed class OwnBatches(BatchShelf shelf, SetAside aside, Library library, ReadingBook readings, SiteClock clock)
{
    private readonly ConcurrentDictionary<Guid, ((long Sequence, long Readings) Mark, string? Words)> _accidents = [];

    private readonly ConcurrentDictionary<(Guid Batch, string Part), (long Sequence, PastCurve? Curve)> _curves = [];

    /// <summary>All that the results hang on: nearly every view asks for them.</summary>
    private sealed record Mark(long Shelf, long Readings, DateOnly Today, string Zone, IReadOnlyList<Place> Places);

    private volatile Kept? _all;

    private sealed record Kept(Mark Mark, IReadOnlyList<FinishedBatch> Finished);

    /// <summary>In the order in which their results stood; reckoned anew once something is recorded, read or another day begins.</summary>
    public async Task<IReadOnlyList<FinishedBatch>> All()
    {
        var mark = new Mark(shelf.Version, readings.Version, clock.Today, clock.LocalTimeZone.Id, await library.Places());
        if (_all is { } kept && kept.Mark == mark)
            return kept.Finished;
        var finished = await Reckon(mark.Today, mark.Places.ToDictionary(p => p.Id));
        _all = new(mark, finished);
        return finished;
    }

    private async Task<IReadOnlyList<FinishedBatch>> Reckon(DateOnly today, Dictionary<string, Place> places) =>
        [
            .. aside
                .Each(await shelf.All(), b =>
                    OwnResults.Of(b.Plan, b.State, b.Row.SpeciesId, today) is { } result
                        ? new FinishedBatch(b, Judged(b, result, places))
                        : null
                )
                .OfType<FinishedBatch>()
                .OrderBy(f => f.Result.OverOn)
                .ThenBy(f => f.Batch.Row.Number),
        ];

    /// <summary>The grower has the last word on whether a result teaches; else an accident on record keeps it out.</summary>
    private OwnResult Judged(ShelvedBatch batch, OwnResult result, Dictionary<string, Place> places) =>
        batch.State.ResultJudged switch
        {
            { Teaches: true } => result,
            { Teaches: false, Why: var why } => result with { Accident = why ?? "left out by you" },
            _ => result with { Accident = AccidentOf(batch, places) },
        };

    private string? AccidentOf(ShelvedBatch batch, Dictionary<string, Place> places)
    {
        var stood = batch.State.Living.SelectMany(p => p.Stays).Select(s => s.Place).Where(places.ContainsKey).Distinct().ToList();
        var mark = (batch.State.LastSequence, Readings: stood.Aggregate(0L, (sum, p) => sum + readings.VersionOf(p)));
        if (_accidents.TryGetValue(batch.Row.Id, out var kept) && kept.Mark == mark)
            return kept.Words;
        var zone = clock.LocalTimeZone;
        DateTimeOffset At(DateOnly day) => new(day.ToDateTime(TimeOnly.MinValue), zone.GetUtcOffset(day.ToDateTime(TimeOnly.MinValue)));
        var from = batch.State.Living.SelectMany(p => p.Stays).Select(s => s.From).DefaultIfEmpty(clock.Today).Min();
        var to = batch.State.Log.Select(l => l.Entry.DoneOn).DefaultIfEmpty(clock.Today).Max().AddDays(1);
        var troubles = stood.ToDictionary(p => p, p => PlaceWatch.Of(places[p], readings.Between(p, At(from), At(to)), null, At(to)));
        var words = batch.State.Living.Select(p => Accidents.Of(p, troubles, zone)).FirstOrDefault(w => w is not null);
        _accidents[batch.Row.Id] = (mark, words);
        return words;
    }

    /// <summary>Of a species and route, with results that stood before a day.</summary>
    public static List<PastBatch> Past(IEnumerable<FinishedBatch> all, string species, string route, DateOnly before) =>
        [
            .. all.Where(f =>
                    f.Result.SpeciesId == species && f.Result.RouteId == route && f.Result.OverOn < before && f.Result.Accident is null
                )
                .Select(f => f.Result.Past),
        ];

    /// <summary>Fitted curves of the finished batches of a species and route, those without a safe one left out.</summary>
    public async Task<IReadOnlyList<PastCurve>> Curves(string species, string route) =>
        [
            .. (await All())
                .Where(f => f.Result.SpeciesId == species && f.Result.RouteId == route && f.Result.Accident is null)
                .SelectMany(f => f.Batch.State.Living.Select(p => Curve(f.Batch, p)))
                .OfType<PastCurve>(),
        ];

    private PastCurve? Curve(ShelvedBatch batch, PartState part)
    {
        if (_curves.TryGetValue((batch.Row.Id, part.Id), out var kept) && kept.Sequence == batch.State.LastSequence)
            return kept.Curve;
        var fitted = part.Seeds > 0 ? EmergenceCurveFit.Fit(part.Seeds, part.CountsSinceSowing()).Curve : null;
        PastCurve? curve = fitted is { Extrapolated: false } c ? new(c.MaxFraction, c.T50, c.Shape) : null;
        _curves[(batch.Row.Id, part.Id)] = (batch.State.LastSequence, curve);
        return curve;
    }
}
