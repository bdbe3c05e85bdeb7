using Gassel.Core;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Data;

namespace Gassel.Web.Features.Told;

/// <summary>A batch that was told, ready to be entered.</summary>
internal sealed record ToldBatch(
    Core.Treatments.Species Species,
    KeptLot Lot,
    BatchPlan Plan,
    int Step,
    int Seeds,
    DateOnly Since,
    Place Place,
    ToldVessel Vessel
)
{
    /// <summary>What was done, as it would have been recorded on the day.</summary>
    public IEnumerable<EntryPayload> Entries(int number)
    {
        var vessel = new Vessel(Vessel.Kind, Text.Of($"{Vessel.Word} {number}"), Vessel.Cells);
        if (Vessel.Setup is { } setup)
            yield return new Prepared(BatchPlan.FirstPart, setup, ContainerAdvice.Steps(setup));
        yield return Step == Plan.GerminateStep && !Plan.Route.IsOutdoors
            ? new Sown(BatchPlan.FirstPart, Place.Id, vessel, Seeds: Seeds)
            : new StepStarted(BatchPlan.FirstPart, Step, Seeds, Place.Id, vessel);
    }
}
