using CsCheck;
using Gassel.Core.Record;
using Gassel.Core.Trials;

namespace Gassel.Core.Tests.Trials;

public class TrialPlottingTests
{
    private static readonly Gen<(int[] Seeds, int PerCell, int Cells, int Seed)> AnyTrial = Gen.Select(
        Gen.Int[1, 150].Array[2, 6],
        Gen.Int[1, 4],
        Gen.Int[12, 80],
        Gen.Int[0, 9999]
    );

    [Fact]
    public void Every_seed_of_every_arm_is_laid_out_and_no_cell_twice()
    {
        AnyTrial.Sample(
            t =>
            {
                var (vessels, plots) = TrialPlotting.OverCells(t.Seeds, t.PerCell, t.Cells, VesselKind.Tray, "T-1", t.Seed);
                Assert.Equal(t.Seeds, t.Seeds.Select((_, arm) => plots.Where(p => p.Arm == arm).Sum(p => p.Seeds)));
                foreach (var tray in plots.GroupBy(p => p.Vessel))
                {
                    var cells = tray.SelectMany(p => p.Cells!).ToList();
                    Assert.Equal(cells.Count, cells.Distinct().Count());
                    Assert.All(cells, c => Assert.InRange(c, 1, vessels[tray.Key].Cells!.Value));
                }
                Assert.All(plots, p =>
                    Assert.True(p.Seeds <= p.Cells!.Count * t.PerCell && p.Seeds > (p.Cells.Count - 1) * t.PerCell - t.PerCell)
                );
            },
            iter: 300
        );
    }

    [Fact]
    public void Each_tray_holds_every_arm_in_nearly_equal_numbers()
    {
        var (vessels, plots) = TrialPlotting.OverCells([100, 100, 100], 1, 72, VesselKind.Tray, "T-1", 3);
        Assert.Equal(5, vessels.Count);
        Assert.All(plots.GroupBy(p => p.Vessel), tray =>
            Assert.InRange(tray.Max(p => p.Cells!.Count) - tray.Min(p => p.Cells!.Count), 0, 1)
        );
    }

    [Fact]
    public void The_same_seed_lays_out_the_same_and_another_does_not()
    {
        string Layout(int seed) =>
            string.Join(
                ';',
                TrialPlotting.OverCells([36, 36], 1, 72, VesselKind.Tray, "T-1", seed).Plots.Select(p => string.Join(',', p.Cells!))
            );
        Assert.Equal(Layout(7), Layout(7));
        Assert.NotEqual(Layout(7), Layout(8));
    }

    /// <summary>Over many layouts a cell holds either arm half of the time: no corner is favoured.</summary>
    [Fact]
    public void No_cell_favours_an_arm()
    {
        const int layouts = 2000;
        var first = new int[73];
        for (var seed = 0; seed < layouts; seed++)
        {
            foreach (var cell in TrialPlotting.OverCells([36, 36], 1, 72, VesselKind.Tray, "T", seed).Plots[0].Cells!)
                first[cell]++;
        }
        // five standard deviations of a fair coin
        Assert.All(first.Skip(1), n => Assert.InRange(n, (layouts / 2) - 112, (layouts / 2) + 112));
    }

    [Fact]
    public void Own_vessels_stand_in_random_order_and_hold_all_seed()
    {
        var (vessels, plots) = TrialPlotting.InOwnVessels([50, 50], 4, [VesselKind.Container, VesselKind.Pot], "T-2", 5);
        Assert.Equal(8, vessels.Count);
        Assert.Equal(Enumerable.Range(0, 8), plots.Select(p => p.Vessel).Order());
        Assert.Equal([13, 13, 12, 12], plots.Where(p => p.Arm == 0).Select(p => p.Seeds).OrderDescending());
        Assert.All(plots, p => Assert.Equal(p.Arm == 0 ? VesselKind.Container : VesselKind.Pot, vessels[p.Vessel].Kind));
        Assert.NotEqual(Enumerable.Range(0, 4), plots.Where(p => p.Arm == 0).Select(p => p.Vessel));
    }

    private static TrialDesign Design(int replicates, TrialLayout layout = TrialLayout.OwnVessels) =>
        Of(
            layout == TrialLayout.OwnVessels
                ? TrialPlotting.InOwnVessels([30, 30], replicates, [VesselKind.Pot, VesselKind.Pot], "T-1", 1)
                : TrialPlotting.OverCells([30, 30], 1, 36, VesselKind.Tray, "T-1", 1),
            layout
        );

    private static TrialDesign Of((IReadOnlyList<TrialVessel> Vessels, IReadOnlyList<TrialPlot> Plots) laid, TrialLayout layout) =>
        new(
            "T",
            "depth",
            1,
            layout,
            [new(Guid.NewGuid(), "shallow", true, "r", 30, 2), new(Guid.NewGuid(), "deep", false, "r", 30, 10)],
            laid.Vessels,
            laid.Plots,
            null,
            1,
            Blind: false
        );

    [Fact]
    public void Sowing_by_the_layout_divides_the_seed_and_keeps_every_one()
    {
        var design = Design(3);
        var book = new Book().Add("2026-12-01", new StepStarted("1", 0, 29, "cold-shelf"));
        var entries = TrialSowing.Entries(design, 1, book.Fold(), new Sown("1", "lamp-shelf", null));
        Assert.Equal(4, entries.Count);
        foreach (var entry in entries)
            book.Add("2027-02-20", entry);
        var state = book.Fold();
        Assert.Empty(state.Conflicts);
        // one seed was lost before the trial: the last pot has one fewer
        Assert.Equal([10, 10, 9], state.Living.Select(p => p.Seeds));
        Assert.All(state.Living, p => Assert.Equal(10, p.SownAs!.DepthMm));
        Assert.Empty(TrialSowing.Entries(design, 1, state, new Sown("1", null, null)));
    }

    [Fact]
    public void Seed_without_treatment_is_begun_with_its_sowing()
    {
        var design = Of(TrialPlotting.OverCells([30, 30], 1, 72, VesselKind.Tray, "T-1", 1), TrialLayout.CellsMixed);
        var sown = Assert.IsType<Sown>(Assert.Single(TrialSowing.Entries(design, 0, new Book().Fold(), new Sown("1", "lamp-shelf", null))));
        Assert.Equal((30, 30, "T-1"), (sown.Seeds, sown.Cells!.Count, sown.Vessel!.Label));
    }

    [Fact]
    public void Seed_without_treatment_in_several_vessels_is_begun_by_being_divided()
    {
        var design = Design(3);
        var book = new Book();
        foreach (var entry in TrialSowing.Entries(design, 0, book.Fold(), new Sown("1", "lamp-shelf", null)))
            book.Add("2027-02-20", entry);
        var state = book.Fold();
        Assert.Empty(state.Conflicts);
        Assert.Equal((30, 30), (state.SeedsStarted, state.Living.Sum(p => p.Seeds)));
        Assert.All(state.Living, p => Assert.NotNull(p.SownOn));
    }

    [Fact]
    public void A_design_says_what_spoils_it()
    {
        Assert.Contains("cannot be told apart", Assert.Single(Design(1).Warnings()), StringComparison.Ordinal);
        Assert.Empty(Design(3).Warnings());
        Assert.Empty(Design(1, TrialLayout.CellsMixed).Warnings());
        var two = Design(3);
        var muddled = two with { Arms = [two.Arms[0], two.Arms[1] with { RouteId = "other" }] };
        Assert.Contains("route and depth", Assert.Single(muddled.Warnings()), StringComparison.Ordinal);
    }
}
