using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Trials;
using Gassel.Core.Yard;
using Gassel.Data;
using Gassel.Web.Features.Yard;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Trials;

/// <summary>From a kept trial to what the screens read.</summary>
internal sealed class TrialViews(Library library, BatchShelf shelf, SiteClock clock)
{
    public async Task<TrialView> Of(KeptTrial trial)
    {
        var (design, today) = (trial.Design, clock.Today);
        var (species, places) = ((await library.Species()).ToDictionary(s => s.Id), await library.Places());
        var batches = new List<ShelvedBatch>();
        foreach (var arm in design.Arms)
            batches.Add((await shelf.Find(arm.Batch))!);
        var kind = species[batches[0].Row.SpeciesId];
        var arms = design.Arms.Select((arm, i) => ArmView(design, i, batches[i], kind, places)).ToList();
        var sown = batches
            .SelectMany(b =>
                b.State.Living.Where(p => p.SownOn is not null).Select(p => p.SownOn!.Value.AddDays(b.Plan.DaysToEmergence(p).Longest))
            )
            .ToList();
        DateOnly? until = sown.Count > 0 && sown.Max() >= today && design.EndedOn is null ? sown.Max() : null;
        var result =
            arms.TrueForAll(a => a.IsSown) && !design.IsBlindNow
                ? TrialResult.Of([.. design.Arms.Select((arm, i) => Count(arm, batches[i]))], design.IsConfounded, until)
                : null;
        return new(
            trial.Id,
            trial.Number,
            kind.CommonName,
            design,
            arms,
            design.Warnings(),
            HasCounts(batches),
            until,
            result,
            Columns(design)
        );
    }

    public static bool HasCounts(IEnumerable<ShelvedBatch> batches) => batches.Any(b => b.State.Parts.Any(p => p.Counts.Count > 0));

    public static int? Columns(TrialDesign design) => design.Vessels[0].Cells is { } cells ? TrayGrid.UsualColumns(cells) : null;

    private TrialArmView ArmView(
        TrialDesign design,
        int i,
        ShelvedBatch batch,
        Core.Treatments.Species species,
        IReadOnlyList<Place> places
    )
    {
        var (plan, state) = (batch.Plan, batch.State);
        var sown = state.Living.All(p => p.SownOn is not null);
        var step = TrialSowingOf.Step(plan);
        var ready = !sown && plan.NextStep(state.Parts[0].Spans is [.., var last] ? last.Step : -1) == step;
        var sowing = ready ? TrialSowingOf.Entries(design, i, batch, species, clock.Settings.DepthSchool, places) : [];
        return new(
            design.Arms[i],
            batch.Row.Number,
            plan.Route.Name,
            plan.Start,
            plan.Steps[step].Start,
            sown,
            ready,
            sowing,
            design.Arms[i].Setup is { } setup && sowing.Count > 0
                ? [.. ContainerAdvice.Steps(setup).Select(s => new PreparationLine(s, ContainerAdvice.Words(s, setup), false))]
                : []
        );
    }

    private static ArmCount Count(TrialArm arm, ShelvedBatch batch) =>
        new(
            arm.Name,
            arm.IsControl,
            [
                .. batch
                    .State.Living.Where(p => p.Seeds > 0)
                    .Select(p => new ReplicateCount(p.Vessel?.Label ?? p.Id, p.Germinated, p.Seeds, p.CountsSinceSowing())),
            ]
        );
}
