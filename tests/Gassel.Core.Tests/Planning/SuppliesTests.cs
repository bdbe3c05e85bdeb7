using Gassel.Core.Planning;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Planning;

/// <summary>Counted by hand: cells of 0.04 l, containers of 1.4 l, bags of 0.1 l (starter values, from memory).</summary>
public class SuppliesTests
{
    private static SupplyNeed Need(string name, RouteSetting setting, int seeds, int plants, bool moist = false, int lacking = 0) =>
        new(name, "blue flax", setting, moist, seeds, plants, 3, lacking);

    private static Dictionary<string, string> Lines(params SupplyNeed[] needs) =>
        Supplies.Of(needs).ToDictionary(l => l.What, l => Speaker.Plain.Say(l.Amount));

    [Fact]
    public void Trays_bags_pots_and_labels_are_counted_over_all()
    {
        var lines = Lines(
            Need("W-1", RouteSetting.Indoors, 73, 20, moist: true),
            Need("W-2", RouteSetting.Indoors, 72, 10),
            Need("B-3", RouteSetting.WinterContainer, 90, 5, lacking: 40)
        );
        Assert.Equal("3", lines["Trays of 72 cells"]);
        Assert.Equal("3", lines["Winter containers"]);
        Assert.Equal("1", lines["Bags for moist seed"]);
        Assert.Equal("35", lines["Pots"]);
        Assert.Equal("7", lines["Labels"]);
        Assert.Equal("40 seeds to gather or buy", lines["Seed of blue flax"]);
    }

    [Fact]
    public void Mix_is_told_part_by_part()
    {
        // 216 cells of 0.04 l and 3 containers of 1.4 l are 12.84 l settled, 15.1 l loose at 15 % settling, three quarters of it peat
        var lines = Lines(Need("W-1", RouteSetting.Indoors, 216, 20), Need("W-2", RouteSetting.WinterContainer, 90, 5));
        Assert.StartsWith("peat 11", lines["Mix for sowing"], StringComparison.Ordinal);
        Assert.Contains("perlite 3.78 l", lines["Mix for sowing"], StringComparison.Ordinal);
    }

    [Fact]
    public void A_bed_takes_no_pots_and_nothing_planned_takes_nothing()
    {
        Assert.DoesNotContain("Pots", Lines(Need("W-1", RouteSetting.AutumnBed, 100, 30)).Keys);
        Assert.Empty(Supplies.Of([]));
    }
}
