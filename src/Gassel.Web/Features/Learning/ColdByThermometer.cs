using Gassel.Core.Germination;
using Gassel.Core.Planning;
using Gassel.Data;
using Gassel.Data.Readings;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Learning;

/// <summary>Own batches by the cold that thermometers measured.</summary>
internal sealed class ColdByThermometer(BatchShelf shelf, ReadingBook readings, Library library, SiteClock clock)
{
    /// <summary>Null where too few of the batches had a thermometer.</summary>
    /// <param name="finished">Of one route of the species.</param>
    public async Task<string?> Words(Core.Treatments.Species species, IReadOnlyList<FinishedBatch> finished)
    {
        var over = finished.Where(f => f.Result is { AtLeast: false, Accident: null }).ToList();
        if (over.Count < ColdEffectFit.LeastBatches)
            return null;
        var places = (await library.Places()).ToDictionary(p => p.Id);
        var known = new KnownTemperatures(readings, clock.LocalTimeZone, await shelf.All());
        return ColdCompared
            .From([
                .. over.Select(f =>
                    (
                        new ColdBatch(f.Result.ColdDays, f.Result.Seeds, f.Result.Germinated),
                        MeasuredCold.Of(f.Batch.Plan, f.Batch.State.Living.MaxBy(p => p.Seeds)!, places, known, species.ResponseToCold)
                    )
                ),
            ])
            ?.Words();
    }
}
