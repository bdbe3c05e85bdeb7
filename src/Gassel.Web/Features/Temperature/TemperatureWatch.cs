using System.Collections.Concurrent;
using Gassel.Core.Fold;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Data;
using Gassel.Data.Readings;
using Gassel.Web.Features.Weather;
using Gassel.Web.Features.Yard;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Temperature;

/// <summary>What the book knows of the temperatures of its places, for the views that ask.</summary>
internal sealed class TemperatureWatch(
    ReadingBook readings,
    Library library,
    BatchShelf shelf,
    YardBook yard,
    YardWeather weather,
    SiteClock clock
)
{
    /// <summary>Older readings say nothing of how warm it is now.</summary>
    private static readonly TimeSpan Lately = TimeSpan.FromHours(PlaceWatch.SilentAfterHours);

    /// <summary>A cold spell and then some.</summary>
    private static readonly TimeSpan Looked = TimeSpan.FromDays(200);

    /// <summary>So much later silence may have set in; a new reading is looked at once.</summary>
    private static readonly TimeSpan KeptFor = TimeSpan.FromMinutes(10);

    private readonly ConcurrentDictionary<
        string,
        (DateTimeOffset At, long Version, DateTimeOffset? Since, IReadOnlyList<PlaceTrouble> Troubles)
    > _troubles = [];

    private readonly ConcurrentDictionary<(Guid Batch, string Part), KeptCold> _cold = [];

    /// <summary>
    /// Cold of a part so far; kept until the batch, the day, a reading, a reading by eye or a place changes, because Rounds asks for all of
    /// them at once.
    /// </summary>
    /// <param name="inside">What lies in a container has the temperature of its mix, not that of the yard.</param>
    public ColdSoFar? Cold(
        ShelvedBatch batch,
        PartState part,
        Core.Treatments.Species species,
        IReadOnlyDictionary<string, Place> places,
        KnownTemperatures known,
        InsideOfContainers inside,
        DateOnly today
    )
    {
        var vessel = inside.Vessels.GetValueOrDefault((batch.Row.Id, part.Id));
        var mark = new ColdMark(
            batch.State.LastSequence,
            today,
            readings.Version,
            vessel is null ? 0 : inside.Sky,
            known.TypedMark,
            species.ResponseToCold,
            places.Values.Aggregate(0, (sum, p) => HashCode.Combine(sum, p.Id, p.AssumedC, p.NightC))
        );
        if (_cold.TryGetValue((batch.Row.Id, part.Id), out var kept) && kept.Mark == mark)
            return kept.Cold;
        var mix = vessel is null ? null : YardBook.Inside(vessel, places, known, today);
        var cold = ColdSoFar.Of(batch.Plan, part, places, mix ?? known, species.ResponseToCold, today);
        _cold[(batch.Row.Id, part.Id)] = new(mark, cold);
        return cold;
    }

    public async Task<InsideOfContainers> Inside() =>
        new((await yard.All()).ToDictionary(v => (v.Batch.Row.Id, v.Part.Id)), (await weather.Sky()).Version);

    public async Task<KnownTemperatures> Known() => new(readings, clock.LocalTimeZone, await shelf.All());

    /// <summary>Every place by id.</summary>
    public async Task<Dictionary<string, Place>> Places() => (await library.Places()).ToDictionary(p => p.Id);

    public async Task<Dictionary<string, PlaceTemperature>> Now() => await Now(await Known());

    /// <summary>The same by what is known already.</summary>
    public async Task<Dictionary<string, PlaceTemperature>> Now(KnownTemperatures known)
    {
        var watched = await Watched();
        return (await library.Places()).ToDictionary(p => p.Id, p => Now(p, known, watched.GetValueOrDefault(p.Id)));
    }

    /// <summary>Troubles of a place in the last months, those that last at the end.</summary>
    public async Task<IReadOnlyList<PlaceTrouble>> Troubles(Place place) => Troubles(place, (await Watched()).GetValueOrDefault(place.Id));

    /// <summary>Places with a probe that should be heard from, and since when.</summary>
    private async Task<Dictionary<string, DateTimeOffset?>> Watched() =>
        (await readings.Attached())
            .Where(s => !s.Aside)
            .GroupBy(s => s.PlaceId)
            .ToDictionary(g => g.Key, g => (DateTimeOffset?)DateTimeOffset.FromUnixTimeMilliseconds(g.Min(s => s.AddedAt)));

    /// <summary>All that the cold of a part hangs on.</summary>
    private readonly record struct ColdMark(
        long Sequence,
        DateOnly Today,
        long Readings,
        long Sky,
        int Typed,
        Core.Treatments.ColdResponse Response,
        int Places
    );

    private sealed record KeptCold(ColdMark Mark, ColdSoFar? Cold);

    private PlaceTemperature Now(Place place, KnownTemperatures known, DateTimeOffset? watchedSince)
    {
        var now = clock.GetUtcNow();
        var troubles = Troubles(place, watchedSince).Where(t => t.IsPresent).ToList();
        if (readings.Last(place.Id) is { } last && now - last.At <= Lately)
            return new(last.TempC, TemperatureSource.Measured, last.At, null, troubles);
        var typed = known.Typed(place.Id);
        var (tempC, source) = PlaceDays.AssumedOn(place, typed, clock.Today);
        return new(tempC, source, null, source == TemperatureSource.Typed ? typed[^1].On : null, troubles);
    }

    private IReadOnlyList<PlaceTrouble> Troubles(Place place, DateTimeOffset? watchedSince)
    {
        var now = clock.GetUtcNow();
        if (
            _troubles.TryGetValue(place.Id, out var kept)
            && (now - kept.At).Duration() < KeptFor
            && (kept.Version, kept.Since) == (readings.VersionOf(place.Id), watchedSince)
        )
            return kept.Troubles;
        var version = readings.VersionOf(place.Id);
        var troubles = PlaceWatch.Of(place, readings.Between(place.Id, now - Looked, now), watchedSince, now);
        _troubles[place.Id] = (now, version, watchedSince, troubles);
        return troubles;
    }
}
