using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Growing;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;
using Gassel.Data;
using Gassel.Web.Features.Plants;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Yard;

/// <summary>
/// Batches as every view should see them: parts that stand outdoors or harden off carry what the weather known makes of them, so that no
/// page has a
/// forecast of its own.
/// </summary>
internal sealed class OutdoorBatches(BatchShelf shelf, YardBook yard, PlantOutlook plants, Library library, SiteClock clock)
{
    /// <summary>Every batch, by number.</summary>
    public async Task<IReadOnlyList<ShelvedBatch>> All(CancellationToken cancel = default)
    {
        var ground = await Ground(cancel);
        var vessels = (await yard.All(cancel)).ToLookup(v => v.Batch.Row.Id);
        return [.. (await shelf.All()).Select(b => vessels.Contains(b.Row.Id) || Hardens(b) ? With(b, vessels[b.Row.Id], ground) : b)];
    }

    /// <summary>Null where there is no such batch.</summary>
    public async Task<ShelvedBatch?> Find(Guid id, CancellationToken cancel = default)
    {
        if (await shelf.Find(id) is not { } batch)
            return null;
        var vessels = new List<YardVessel>();
        foreach (var part in batch.State.Living.ToList())
        {
            if (await yard.Find(batch, part, cancel) is { } vessel)
                vessels.Add(vessel);
        }
        return With(batch, vessels, await Ground(cancel));
    }

    private static bool Hardens(ShelvedBatch batch) =>
        batch.State.Parts.Any(p => p.Open is { } open && batch.Plan.Steps[open.Step].Step.Kind == StepKind.HardenOff);

    private async Task<(Dictionary<string, Core.Treatments.Species> Species, IReadOnlyDictionary<DateOnly, YardDay> Days)> Ground(
        CancellationToken cancel
    ) => ((await library.Species()).ToDictionary(s => s.Id), await plants.Days(cancel));

    private ShelvedBatch With(
        ShelvedBatch batch,
        IEnumerable<YardVessel> vessels,
        (Dictionary<string, Core.Treatments.Species> Species, IReadOnlyDictionary<DateOnly, YardDay> Days) ground
    )
    {
        var forecasts = vessels.ToDictionary(v => v.Part.Id, v => Of(v.Container?.Tale));
        PartState Told(PartState part) =>
            part with
            {
                Outdoors = forecasts.GetValueOrDefault(part.Id),
                HardenedOn = HardeningSoFar.Of(batch.Plan, part, ground.Species[batch.Row.SpeciesId], ground.Days, clock.Today)?.ReadyOn,
            };
        return batch with { State = batch.State with { Parts = [.. batch.State.Parts.Select(Told)] } };
    }

    private static OutdoorForecast? Of(ContainerTale? tale) =>
        tale is { ColdMetOn: { } met, Emergence: { T10: { } from, T50: { } half, T90: { } to } }
            ? new(tale.Need.ColdDays, tale.Need.UsualColdDays ?? tale.Need.ColdDays, met, from, half, to)
            : null;
}
