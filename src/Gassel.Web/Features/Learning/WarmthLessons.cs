using System.Collections.Concurrent;
using Gassel.Core;
using Gassel.Core.Germination;
using Gassel.Core.Places;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Data;
using Gassel.Data.Readings;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Learning;

/// <summary>
/// When species come up by warmth, by own sowings indoors of which the temperature was measured; reckoned once as long as these stay the
/// same.
/// </summary>
internal sealed class WarmthLessons(OwnBatches own, BatchShelf shelf, ReadingBook readings, Library library, SiteClock clock)
{
    /// <summary>The newest so many are taken: more only make the answer wait.</summary>
    private const int Most = 16;

    private readonly ConcurrentDictionary<string, (string Mark, WarmthLesson Lesson)> _kept = [];

    /// <summary>Null for a species without a route indoors, and where no sowing of it is over.</summary>
    public async Task<WarmthLesson?> Of(Core.Treatments.Species species)
    {
        var all = await own.All();
        return all.Any(f => f.Result.SpeciesId == species.Id && Teaches(f)) ? Of(species, all, await Grounds()) : null;
    }

    /// <summary>Species whose own sowings foretell the next better than the days of their route, by id.</summary>
    public async Task<IReadOnlyDictionary<string, WarmthLearned>> Better()
    {
        var all = await own.All();
        var enough = all.Where(Teaches).CountBy(f => f.Result.SpeciesId).Where(s => s.Value >= WarmthTrial.LeastSowings).ToDictionary();
        if (enough.Count == 0)
            return new Dictionary<string, WarmthLearned>();
        var grounds = await Grounds();
        return (await library.Species())
            .Where(s => enough.ContainsKey(s.Id))
            .Select(s => (s.Id, Learned: Of(s, all, grounds)?.Used))
            .Where(s => s.Learned is not null)
            .ToDictionary(s => s.Id, s => s.Learned!);
    }

    /// <summary>An accident tells of itself and not of the warmth; outdoors the winter has its say.</summary>
    private static bool Teaches(FinishedBatch finished) => finished.Result.Accident is null && !finished.Batch.Plan.Route.IsOutdoors;

    private sealed record Ground(Dictionary<string, Place> Places, KnownTemperatures Known);

    private volatile Kept? _grounds;

    private sealed record Kept(long Shelf, string Zone, IReadOnlyList<Place> Places, Ground Ground);

    /// <summary>A hundred wishes ask for them in one go: read off all batches once, until something is recorded.</summary>
    private async Task<Ground> Grounds()
    {
        var (version, zone, places) = (shelf.Version, clock.LocalTimeZone, await library.Places());
        if (_grounds is { } kept && (kept.Shelf, kept.Zone) == (version, zone.Id) && ReferenceEquals(kept.Places, places))
            return kept.Ground;
        var ground = new Ground(places.ToDictionary(p => p.Id), new KnownTemperatures(readings, zone, await shelf.All()));
        _grounds = new(version, zone.Id, places, ground);
        return ground;
    }

    private WarmthLesson? Of(Core.Treatments.Species species, IReadOnlyList<FinishedBatch> all, Ground ground)
    {
        var finished = all.Where(f => f.Result.SpeciesId == species.Id && Teaches(f)).ToList();
        if (finished.Count == 0 || OwnWarmth.Before(species) is not { } prior)
            return null;
        var mark = Mark(prior, finished, ground);
        if (_kept.TryGetValue(species.Id, out var kept) && kept.Mark == mark)
            return kept.Lesson;
        var days = new PlaceDays(ground.Places, ground.Known, species.ResponseToCold);
        // trays of one batch are one sowing: the fullest speaks for it
        var sown = finished
            .Select(f => (f.Batch.Row.Number, f.Batch.Plan, Part: f.Batch.State.Living.MaxBy(p => p.Emerged)!))
            .Where(s => s.Part.Emerged > 0)
            .ToList();
        var told = sown.Select(s => OwnWarmth.Of(s.Number, s.Plan, s.Part, days)).OfType<WarmSowing>().ToList();
        var lesson = WarmthLesson.Of(prior, told.TakeLast(Most).ToList(), sown.Count - told.Count);
        _kept[species.Id] = (mark, lesson);
        return lesson;
    }

    private string Mark(WarmthPrior prior, List<FinishedBatch> finished, Ground ground)
    {
        var stood = finished.SelectMany(f => f.Batch.State.Living).SelectMany(p => p.Stays).Select(s => s.Place).Distinct();
        return Text.Of(
            $"{prior} {ground.Known.TypedMark} {string.Join(' ', finished.Select(f => f.Batch.State.LastSequence))} "
                + $"{string.Join(' ', stood.Select(readings.VersionOf))}"
        );
    }
}
