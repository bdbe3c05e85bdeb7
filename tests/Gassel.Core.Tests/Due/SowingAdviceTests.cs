using Gassel.Core.Due;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Due;

/// <summary>How each kind is sown. Trade facts: common practice, no source.</summary>
public class SowingAdviceTests
{
    private static SowingAdvice Of(string id, double? expected = null, int route = 0) =>
        SowingAdvice.Of(Book.Of(id), Book.Of(id).Routes[route], DepthSchool.Width, expected);

    [Fact]
    public void A_tap_root_is_sown_only_where_it_can_stay()
    {
        Assert.Equal([VesselKind.DeepCells, VesselKind.Pot, VesselKind.Container], Of("balsamroot").Vessels);
        Assert.Contains("tap root", SowingAdvice.Forbidden(Book.Of("scarlet-gilia"), VesselKind.Tray), StringComparison.Ordinal);
        Assert.Null(SowingAdvice.Forbidden(Book.Of("globemallow"), VesselKind.Tray));
        Assert.NotNull(SowingAdvice.Forbidden(Book.Of("globemallow"), VesselKind.Bag));
    }

    [Theory]
    [InlineData("alumroot", SowCover.Surface)]
    [InlineData("mock-orange", SowCover.Surface)]
    [InlineData("globemallow", SowCover.Mix)]
    public void Light_stays_on_the_surface_and_the_rest_goes_under(string species, SowCover cover) =>
        Assert.Equal(cover, Of(species).Cover);

    [Fact]
    public void Outdoors_it_goes_under_grit_unless_dust_fine()
    {
        static int Outdoors(string id) => Book.Of(id).Routes.Select((r, i) => (r, i)).First(t => t.r.IsOutdoors).i;
        Assert.Equal(SowCover.Grit, Of("small-camas", route: Outdoors("small-camas")).Cover);
        Assert.Equal(SowCover.Surface, Of("mock-orange", route: Outdoors("mock-orange")).Cover);
        Assert.False(Of("small-camas", route: Outdoors("small-camas")).Dome);
    }

    [Theory]
    [InlineData(0.9, 1)]
    [InlineData(0.6, 2)]
    [InlineData(0.2, 3)]
    [InlineData(null, 1)]
    public void Fewer_expected_means_more_to_a_cell(double? expected, int perCell) =>
        Assert.Equal(perCell, Of("globemallow", expected).SeedsPerCell);

    [Fact]
    public void Dust_fine_numbers_are_estimates()
    {
        Assert.Equal(SowingAdvice.DustPercent, Of("alumroot").EstimatePercent);
        Assert.Null(Of("globemallow").EstimatePercent);
    }

    /// <summary>No mat where the band's top is 18 °C or less; no dome over cool germinators.</summary>
    [Fact]
    public void Cool_germinators_get_neither_mat_nor_dome()
    {
        Assert.All(StarterLibrary.All, s => Assert.Equal(s.Germination.HighC <= 18, SowingAdvice.NoMatFor(s) is not null));
        Assert.False(Of("balsamroot").Dome);
        Assert.True(Of("globemallow").Dome);
        // what is proposed as a place and what is warned of are one rule
        Assert.All(
            StarterLibrary.All.SelectMany(s =>
                s.Routes.Where(r => !r.IsOutdoors).Select(r => (s, Step: r.Steps.Single(x => x.Kind == StepKind.Germinate), r))
            ),
            x => Assert.False(UsualPlaces.For(x.r.Setting, x.Step) == PlaceKind.HeatMat && x.Step.Band is { HighC: <= 18 })
        );
    }

    [Fact]
    public void Toxic_seed_and_its_look_alike_share_nothing()
    {
        var (camas, death, mallow) = (Book.Of("small-camas"), Book.Of("meadow-death-camas"), Book.Of("globemallow"));
        TrayHolder Holder(Species s, params int[] cells) => new(7, "1", s, "Tray 7 ", cells);
        Assert.True(TraySharing.Object(death, "tray 7", [9], [Holder(camas, 1, 2)])!.IsHazard);
        Assert.True(TraySharing.Object(camas, "tray 7", [9], [Holder(death, 1, 2)])!.IsHazard);
        Assert.True(TraySharing.Object(mallow, "tray 7", [9], [Holder(death, 1, 2)])!.IsHazard);
        Assert.Null(TraySharing.Object(death, "tray 7", [9], [Holder(death, 1, 2)]));
        Assert.Null(TraySharing.Object(death, "tray 8", null, [Holder(camas, 1, 2)]));
    }

    [Fact]
    public void A_taken_cell_is_named()
    {
        var mallow = Book.Of("globemallow");
        TrayHolder there = new(7, "1", mallow, "tray 7", [4, 5, 6]);
        Assert.Null(TraySharing.Object(mallow, "tray 7", [1, 2, 3], [there]));
        Assert.Equal("Cell 5 of tray 7 is taken by B-7.", TraySharing.Object(mallow, "tray 7", [9, 6, 5], [there])!.Words);
        Assert.False(TraySharing.Object(mallow, "tray 7", null, [there])!.IsHazard);
        Assert.NotNull(TraySharing.Object(mallow, "tray 7", [1], [there with { Cells = null }]));
    }

    /// <summary>A timer from 05:00 to 21:00 is 16 h (common practice, no source).</summary>
    [Theory]
    [InlineData(5, 21, 16, null)]
    [InlineData(20, 10, 14, null)]
    [InlineData(6, 6, 24, "Only 0 h of dark")]
    [InlineData(4, 22, 18, "Only 6 h of dark")]
    [InlineData(8, 18, 10, "Only 10 h of light")]
    public void Lamps_leave_eight_hours_of_dark(int on, int off, double light, string? warning)
    {
        var lamps = new Lamps(new(on, 0), new(off, 0));
        Assert.Equal(light, lamps.LightHours);
        Assert.Equal(24, lamps.LightHours + lamps.DarkHours);
        if (warning is null)
            Assert.Null(lamps.Warning);
        else
            Assert.StartsWith(warning, lamps.Warning, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("globemallow", 20, WarmthLevel.InBand)]
    [InlineData("globemallow", 23, WarmthLevel.AboveBand)]
    [InlineData("balsamroot", 15, WarmthLevel.AboveBand)]
    [InlineData("balsamroot", 1, WarmthLevel.BelowBand)]
    [InlineData("gaillardia", 30, WarmthLevel.TooHot)]
    [InlineData("gaillardia", 38, WarmthLevel.Cooking)]
    public void Warmth_is_judged_by_the_band_then_by_thirty_and_thirty_eight(string species, double tempC, WarmthLevel level) =>
        Assert.Equal(
            level,
            GerminationWarmth
                .Of(StarterLibrary.All.FirstOrDefault(s => s.Id == species) ?? Book.Of("blanketflower"), tempC, onMat: true)
                .Level
        );

    [Theory]
    [InlineData(72, 12, 6)]
    [InlineData(48, 8, 6)]
    [InlineData(36, 9, 4)]
    [InlineData(50, 10, 5)]
    public void Trays_are_drawn_as_they_stand(int cells, int columns, int rows)
    {
        var grid = TrayGrid.Of(new(VesselKind.Tray, "t", cells))!.Value;
        Assert.Equal((columns, rows), (grid.Columns, grid.Rows));
        Assert.Equal(Enumerable.Range(1, cells), Enumerable.Range(1, rows).SelectMany(r => grid.CellsOf(r)));
        Assert.Equal(rows, grid.RowOf(cells));
    }
}
