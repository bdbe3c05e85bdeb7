using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Core.Trials;

/// <summary>Sowing a trial as it was laid out: what is to be recorded of each arm.</summary>
public static class TrialSowing
{
    /// <summary>Parts of the arm's batch by plot, in the order of the plots.</summary>
    public static IReadOnlyList<string> Parts(TrialDesign design, int arm)
    {
        var plots = design.Plots.Count(p => p.Arm == arm);
        return [.. Enumerable.Range(1, plots).Select(n => plots == 1 ? BatchPlan.FirstPart : Text.Of($"{BatchPlan.FirstPart}.{n}"))];
    }

    /// <summary>
    /// Entries that divide the arm's seed over its plots and sow them; empty where it is sown, or divided otherwise. Seed that was lost on
    /// the way is left out of the last plots.
    /// </summary>
    /// <param name="usual">How the species is usually sown.</param>
    public static IReadOnlyList<EntryPayload> Entries(TrialDesign design, int arm, BatchState state, Sown usual) =>
        Divided(design, arm, state, (plot, part, seeds) =>
            [
                usual with
                {
                    Part = part,
                    Place = design.Arms[arm].Place ?? usual.Place,
                    Vessel = VesselOf(design, plot),
                    Cells = plot.Cells,
                    SeedsPerCell = design.SeedsPerCell,
                    Cover = design.Arms[arm].Cover ?? usual.Cover,
                    Mix = design.Arms[arm].Mix ?? usual.Mix,
                    Filling = design.Arms[arm].Filling ?? usual.Filling,
                    Water = design.Arms[arm].Water ?? usual.Water,
                    DepthMm = design.Arms[arm].DepthMm ?? usual.DepthMm,
                    Seeds = seeds,
                },
            ]
        );

    /// <summary>The same of an arm in winter containers: each made ready and set out.</summary>
    /// <param name="step">With which it goes out.</param>
    /// <param name="yard">Id of the place where its containers usually stand.</param>
    /// <param name="done">What was done at the table.</param>
    public static IReadOnlyList<EntryPayload> SetOut(
        TrialDesign design,
        int arm,
        BatchState state,
        int step,
        string? yard,
        IReadOnlyList<PreparationStep> done
    ) =>
        Divided(design, arm, state, (plot, part, seeds) =>
            [
                new Prepared(part, design.Arms[arm].Setup ?? ContainerSetup.Assumed, done),
                new StepStarted(part, step, seeds, design.Arms[arm].Place ?? yard, VesselOf(design, plot)),
            ]
        );

    private static Vessel VesselOf(TrialDesign design, TrialPlot plot) =>
        new(design.Vessels[plot.Vessel].Kind, design.Vessels[plot.Vessel].Label, design.Vessels[plot.Vessel].Cells);

    /// <param name="sow">Of a plot, its part, and its seeds where they are told with it.</param>
    private static List<EntryPayload> Divided(
        TrialDesign design,
        int arm,
        BatchState state,
        Func<TrialPlot, string, int?, IReadOnlyList<EntryPayload>> sow
    )
    {
        if (state.Parts.Count > 1 || state.Parts[0].SownOn is not null)
            return [];
        var whole = state.Parts[0];
        var plots = design.Plots.Where(p => p.Arm == arm).ToList();
        var parts = Parts(design, arm);
        var seeds = Divide(whole.Seeds > 0 ? whole.Seeds : design.Arms[arm].Seeds, [.. plots.Select(p => p.Seeds)]);
        if (seeds.Any(n => n == 0))
            return [];
        var entries = new List<EntryPayload>();
        if (plots.Count > 1)
        {
            var sprouted = Divide(whole.Sprouted, seeds);
            entries.Add(new Split(BatchPlan.FirstPart, [.. plots.Select((_, i) => new SplitChild(parts[i], seeds[i], sprouted[i]))]));
        }
        entries.AddRange(plots.SelectMany((plot, i) => sow(plot, parts[i], whole.Seeds == 0 && plots.Count == 1 ? seeds[i] : null)));
        return entries;
    }

    /// <summary>What there is over the plots, each filled before the next.</summary>
    private static List<int> Divide(int all, List<int> wanted)
    {
        var parts = new List<int>();
        for (var i = 0; i < wanted.Count; i++)
        {
            // the last takes what is over
            var mine = i == wanted.Count - 1 ? all : Math.Min(all, wanted[i]);
            parts.Add(mine);
            all -= mine;
        }
        return parts;
    }
}
