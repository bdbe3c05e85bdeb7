using System.Globalization;
using Gassel.Core.Batches;

namespace Gassel.Core.Trials;

/// <summary>Sowing a trial as it was laid out: what is to be recorded of each arm.</summary>
public static class TrialSowing
{
    /// <summary>Parts of the arm's batch by plot, in the order of the plots.</summary>
    public static IReadOnlyList<string> Parts(TrialDesign design, int arm)
    {
        var plots = design.Plots.Count(p => p.Arm == arm);
        return [.. Enumerable.Range(1, plots).Select(n => plots == 1 ? BatchPlan.FirstPart : string.Create(CultureInfo.InvariantCulture, $"{BatchPlan.FirstPart}.{n}"))];
    }

    /// <summary>
    /// Entries that divide the arm's seed over its plots and sow them; empty where it is sown, or divided otherwise. Seed that was lost on the way is left out of the last plots.
    /// </summary>
    /// <param name="usual">How the species is usually sown.</param>
    public static IReadOnlyList<EntryPayload> Entries(TrialDesign design, int arm, BatchState state, Sown usual)
    {
        if (state.Parts.Count > 1 || state.Parts[0].SownOn is not null) return [];
        var (whole, told) = (state.Parts[0], design.Arms[arm]);
        var plots = design.Plots.Where(p => p.Arm == arm).ToList();
        var parts = Parts(design, arm);
        var seeds = Divide(whole.Seeds > 0 ? whole.Seeds : told.Seeds, [.. plots.Select(p => p.Seeds)]);
        if (seeds.Any(n => n == 0)) return [];
        var entries = new List<EntryPayload>();
        if (plots.Count > 1)
        {
            var sprouted = Divide(whole.Sprouted, seeds);
            entries.Add(new Split(BatchPlan.FirstPart, [.. plots.Select((_, i) => new SplitChild(parts[i], seeds[i], sprouted[i]))]));
        }
        entries.AddRange(plots.Select((plot, i) => usual with
        {
            Part = parts[i],
            Place = told.Place ?? usual.Place,
            Vessel = new(design.Vessels[plot.Vessel].Kind, design.Vessels[plot.Vessel].Label, design.Vessels[plot.Vessel].Cells),
            Cells = plot.Cells,
            SeedsPerCell = design.SeedsPerCell,
            Cover = told.Cover ?? usual.Cover,
            DepthMm = told.DepthMm ?? usual.DepthMm,
            Seeds = whole.Seeds == 0 && plots.Count == 1 ? seeds[i] : null,
        }));
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
