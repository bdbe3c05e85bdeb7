using Gassel.Core.Record;

namespace Gassel.Core.Trials;

/// <summary>Lays arms out at random. The same seed gives the same layout.</summary>
public static class TrialPlotting
{
    /// <summary>Each tray is a block: it holds every arm in as equal numbers of cells as can be, in random order.</summary>
    /// <param name="seeds">Of each arm, at least 1 each.</param>
    /// <param name="seedsPerCell">At least 1; the last cell of an arm may hold fewer.</param>
    /// <param name="cellsPerTray">At least as many as there are arms.</param>
    /// <param name="label">Of the trays, before their number.</param>
    public static (IReadOnlyList<TrialVessel> Vessels, IReadOnlyList<TrialPlot> Plots) OverCells(
        IReadOnlyList<int> seeds,
        int seedsPerCell,
        int cellsPerTray,
        VesselKind kind,
        string label,
        int randomSeed
    )
    {
        var random = new Random(randomSeed);
        var cells = seeds.Select(n => (n + seedsPerCell - 1) / seedsPerCell).ToArray();
        var trays = Math.Max(1, (cells.Sum() + cellsPerTray - 1) / cellsPerTray);
        // an arm may need one cell more in a tray than another; so many trays that they still fit
        while (Enumerable.Range(0, trays).Any(t => cells.Sum(c => Share(c, trays, t)) > cellsPerTray))
            trays++;
        var plots = new List<TrialPlot>();
        var left = seeds.ToArray();
        for (var tray = 0; tray < trays; tray++)
        {
            var order = Enumerable.Range(1, cellsPerTray).ToArray();
            random.Shuffle(order);
            var next = 0;
            for (var arm = 0; arm < seeds.Count; arm++)
            {
                var mine = Share(cells[arm], trays, tray);
                if (mine == 0)
                    continue;
                var taken = order[next..(next + mine)];
                next += mine;
                var sown = Math.Min(left[arm], mine * seedsPerCell);
                left[arm] -= sown;
                plots.Add(new(arm, tray, sown, [.. taken.Order()]));
            }
        }
        return (
            [.. Enumerable.Range(1, trays).Select(n => new TrialVessel(trays == 1 ? label : $"{label}.{n}", kind, cellsPerTray))],
            plots
        );
    }

    /// <summary>Each replicate in a vessel of its own; the vessels stand in random order.</summary>
    /// <param name="kinds">Of the vessels of each arm.</param>
    /// <param name="replicates">Of each arm, at least 1 and at most as many as an arm has seeds.</param>
    public static (IReadOnlyList<TrialVessel> Vessels, IReadOnlyList<TrialPlot> Plots) InOwnVessels(
        IReadOnlyList<int> seeds,
        int replicates,
        IReadOnlyList<VesselKind> kinds,
        string label,
        int randomSeed
    )
    {
        var order = Enumerable.Range(0, seeds.Count * replicates).ToArray();
        new Random(randomSeed).Shuffle(order);
        var plots = order.Select(
            (plot, at) => new TrialPlot(plot / replicates, at, Share(seeds[plot / replicates], replicates, plot % replicates), null)
        );
        return (
            [.. order.Select((plot, at) => new TrialVessel($"{label}.{at + 1}", kinds[plot / replicates], null))],
            [.. plots.OrderBy(p => p.Arm).ThenBy(p => p.Vessel)]
        );
    }

    /// <summary>A whole number spread over so many as evenly as can be, the first getting the rest.</summary>
    private static int Share(int all, int over, int at) => (all / over) + (at < all % over ? 1 : 0);
}
