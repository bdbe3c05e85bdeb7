using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Data;
using Gassel.Web.Features.Weather;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Yard;

/// <summary>What the weather asks of all that stands out and is no winter container: pots, trays, frames, fresh plantings.</summary>
internal sealed class OutBook(BatchShelf shelf, Library library, YardWeather weather, SiteClock clock)
{
    /// <summary>By id of the place; those without any are left out. What is in the ground alone stands at the bed.</summary>
    /// <param name="now">The moment at the site.</param>
    public async Task<IReadOnlyDictionary<string, IReadOnlyList<OutWarning>>> At(DateTimeOffset now, CancellationToken cancel = default)
    {
        var species = (await library.Species()).ToDictionary(s => s.Id);
        var places = await library.Places();
        var byId = places.ToDictionary(p => p.Id);
        var bed = UsualPlaces.Of(PlaceKind.Bed, places)?.Id;
        var sky = Known(await weather.Sky(cancel));
        var there = (
            from batch in await shelf.All()
            from part in batch.State.Living
            where !YardBook.IsOut(batch, part, byId)
            let it = new OutPart(batch.Row.Id, batch.Row.Number, batch.Plan, part, species[batch.Row.SpeciesId], OutSince(part, byId))
            let place = it.IsInGround ? bed : part.Place
            where place is not null
            select (place, it)
        ).ToLookup(x => x.place, x => x.it);
        return places
            .Select(p => (p.Id, Warnings: OutWatch.Of(p, there[p.Id], sky, now, clock.Site?.Latitude ?? 0)))
            .Where(p => p.Warnings.Count > 0)
            .ToDictionary(p => p.Id, p => p.Warnings);
    }

    /// <summary>At this moment.</summary>
    public Task<IReadOnlyDictionary<string, IReadOnlyList<OutWarning>>> Now(CancellationToken cancel = default) =>
        At(TimeZoneInfo.ConvertTime(clock.GetUtcNow(), clock.LocalTimeZone), cancel);

    /// <summary>The first of the stays outdoors that lead up to today.</summary>
    private static DateOnly? OutSince(PartState part, Dictionary<string, Place> places)
    {
        DateOnly? since = null;
        foreach (var stay in part.Stays)
        {
            var isOut = places.TryGetValue(stay.Place, out var place) && OutWatch.IsOut(place);
            since = isOut ? since ?? stay.From : null;
        }
        return since;
    }

    /// <summary>Typical days say nothing of a night or a gust.</summary>
    private static Dictionary<DateOnly, YardDay> Known(YardSky sky) =>
        sky.Days.Where(d => d.Source != YardDaySource.Typical).ToDictionary(d => d.Date);
}
