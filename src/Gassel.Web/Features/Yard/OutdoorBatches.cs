using Gassel.Core.Batches;
using Gassel.Core.Yard;
using Gassel.Data;

namespace Gassel.Web.Features.Yard;

/// <summary>
/// Batches as every view should see them: parts that stand outdoors carry what the container model and the weather known say of them, so that no page
/// has a forecast of its own.
/// </summary>
internal sealed class OutdoorBatches(BatchShelf shelf, YardBook yard)
{
    /// <summary>Every batch, by number.</summary>
    public async Task<IReadOnlyList<ShelvedBatch>> All(CancellationToken cancel = default)
    {
        var vessels = (await yard.All(cancel)).ToLookup(v => v.Batch.Row.Id);
        return [.. (await shelf.All()).Select(b => With(b, vessels[b.Row.Id]))];
    }

    /// <summary>Null where there is no such batch.</summary>
    public async Task<ShelvedBatch?> Find(Guid id, CancellationToken cancel = default)
    {
        if (await shelf.Find(id) is not { } batch) return null;
        var vessels = new List<YardVessel>();
        foreach (var part in batch.State.Living.ToList())
        {
            if (await yard.Find(batch, part, cancel) is { } vessel) vessels.Add(vessel);
        }
        return With(batch, vessels);
    }

    private static ShelvedBatch With(ShelvedBatch batch, IEnumerable<YardVessel> vessels)
    {
        var forecasts = vessels.Select(v => (v.Part.Id, Forecast: Of(v.Container?.Tale))).Where(f => f.Forecast is not null).ToDictionary(f => f.Id, f => f.Forecast);
        return forecasts.Count == 0 ? batch
            : batch with { State = batch.State with { Parts = [.. batch.State.Parts.Select(p => forecasts.TryGetValue(p.Id, out var f) ? p with { Outdoors = f } : p)] } };
    }

    private static OutdoorForecast? Of(ContainerTale? tale) => tale is { ColdMetOn: { } met, Emergence: { T10: { } from, T50: { } half, T90: { } to } }
        ? new(tale.Need.ColdDays, tale.Need.UsualColdDays ?? tale.Need.ColdDays, met, from, half, to)
        : null;
}
