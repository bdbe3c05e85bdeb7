using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data;

namespace Gassel.Web.Features.Trials;

/// <summary>Seed that a trial wants in places of its own: sown from anywhere, it goes there.</summary>
/// <param name="Words">What the layout asks, in a sentence.</param>
/// <param name="Entries">What sowing by the layout records; empty where its seed was divided otherwise, and outdoors, where the trial's
/// page sets it out.</param>
public sealed record LaidSowing(Guid TrialId, int TrialNumber, string Words, IReadOnlyList<EntryPayload> Entries)
{
    /// <summary>Null for a batch of no trial, once it is sown, and after the trial.</summary>
    internal static LaidSowing? Of(
        IEnumerable<KeptTrial> trials,
        ShelvedBatch batch,
        Core.Treatments.Species species,
        DepthSchool school,
        IReadOnlyList<Place> places
    )
    {
        var trial = trials.FirstOrDefault(t => t.Design.EndedOn is null && t.Design.Arms.Any(a => a.Batch == batch.Row.Id));
        if (trial is null || batch.State.Living.All(p => p.SownOn is not null))
            return null;
        var design = trial.Design;
        var arm = design.Arms.Select((a, i) => (a, i)).First(t => t.a.Batch == batch.Row.Id).i;
        var entries = TrialSowingOf.Entries(design, arm, batch, species, school, places);
        var plots = design.Plots.Count(p => p.Arm == arm);
        var where = design.SeedsPerCell is null
            ? $"{plots} vessel{(plots == 1 ? "" : "s")} of its own"
            : $"its own cells of {design.Vessels.Count} tray{(design.Vessels.Count == 1 ? "" : "s")}";
        return new(
            trial.Id,
            trial.Number,
            entries.Count == 0
                ? $"Belongs to trial T-{trial.Number}, but its seed was divided otherwise: it does not enter the layout."
                : $"Belongs to trial T-{trial.Number}: its seed goes into {where}.",
            batch.Plan.Route.IsOutdoors ? [] : entries
        );
    }
}
