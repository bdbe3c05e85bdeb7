using Gassel.Core.Places;
using Gassel.Data;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.Learning;
using Gassel.Web.Features.Plants;
using Gassel.Web.Features.Rounds;
using Gassel.Web.Features.Temperature;
using Gassel.Web.Features.Yard;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Batches;

/// <summary>One batch whole, with what its places, readings and forerunners say of it.</summary>
internal sealed class WholeBatch(
    Library library,
    OutdoorBatches shelf,
    TemperatureWatch watch,
    OwnBatches own,
    ColdLessons cold,
    EvidenceBook evidence,
    PlantOutlook plants,
    SetAside aside,
    SiteClock clock
)
{
    /// <summary>As it stands now; null where there is none or it cannot be computed.</summary>
    public async Task<BatchView?> Of(Guid id, CancellationToken cancel) =>
        await shelf.Find(id, cancel) is { } batch ? await Of(batch, cancel) : null;

    /// <summary>Null where it cannot be computed.</summary>
    public async Task<BatchView?> Of(ShelvedBatch batch, CancellationToken cancel)
    {
        var species = (await library.Species()).Single(s => s.Id == batch.Row.SpeciesId);
        var places = await watch.Places();
        var troubles = new Dictionary<string, IReadOnlyList<PlaceTrouble>>();
        foreach (var stay in batch.State.Living.SelectMany(p => p.Stays).Where(s => places.ContainsKey(s.Place)).DistinctBy(s => s.Place))
            troubles[stay.Place] = await watch.Troubles(places[stay.Place]);
        var known = await watch.Known();
        var (now, inside) = (await watch.Now(known), await watch.Inside());
        var (days, curves) = (await plants.Days(cancel), await own.Curves(species.Id, batch.Plan.Route.Id));
        var questions = cold.Questions(
            species.Id,
            batch.Plan.Route,
            await own.All(),
            EvidenceBook.ColdOf(await evidence.All(), species, batch.Plan.Route)
        );
        return aside
            .Each([batch], b =>
                BatchViews.Whole(
                    b,
                    species,
                    places,
                    part => watch.Cold(b, part, species, places, known, inside, clock.Today),
                    part => RoundsBook.Warmth(b.Plan, part, species, places, now),
                    known,
                    troubles,
                    days,
                    plants.PlantingOut(species.Hardiness),
                    plants.Practices()[species.Hardiness],
                    clock.LocalTimeZone,
                    clock.Today,
                    clock.Site?.Latitude ?? 0,
                    curves,
                    questions
                )
            )
            .FirstOrDefault();
    }
}
