using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Planning;

/// <summary>By hand: cells of 0.04 l, deep ones of 0.15 l, containers of 1.4 l, bags of 0.1 l (starter values, from memory).</summary>
public class SuppliesTests
{
    private static SupplyNeed Need(string name, string species, RouteSetting setting, int seeds, int plants, int lacking = 0) =>
        new(name, Book.Of(species), Book.Of(species).Routes.First(r => r.Setting == setting), seeds, plants, 3, lacking);

    private static SupplyNeed Flax(string name, int seeds, int plants) => Need(name, "blue-flax", RouteSetting.Indoors, seeds, plants);

    private static Dictionary<string, SupplyLine> Lines(params SupplyNeed[] needs) =>
        Supplies.Of(needs, new Dictionary<string, SupplyStock>(), null, 24).ToDictionary(l => l.Key);

    [Fact]
    public void Trays_bags_pots_and_labels_are_counted_over_all()
    {
        var lines = Lines(
            Need("W-1", "elegant-penstemon", RouteSetting.Indoors, 73, 20),
            Flax("W-2", 72, 10),
            Need("B-3", "blue-flax", RouteSetting.WinterContainer, 90, 5, lacking: 40)
        );
        Assert.Equal((3, 3, 3), (lines["trays"].Needed, lines["domes"].Needed, lines["containers"].Needed));
        Assert.Equal((1, 35), (lines["bags"].Needed, lines["pots"].Needed));
        // two for each of 6 vessels, one for the bag; a sheet holds 24
        Assert.Equal(13, lines["labels"].Needed);
        Assert.Contains("1 sheets of 24", lines["labels"].Working[0], StringComparison.Ordinal);
        Assert.Equal((40, false), (lines["seed-blue-flax"].Needed, lines["seed-blue-flax"].HasStock));
        Assert.Contains("not known", lines["seed-blue-flax"].Working[1], StringComparison.Ordinal);
    }

    [Fact]
    public void A_tap_root_stands_in_deep_cells_and_takes_no_tray_and_no_pot()
    {
        var lines = Lines(Need("W-1", "balsamroot", RouteSetting.Indoors, 60, 20));
        Assert.Equal(60, lines["deepCells"].Needed);
        Assert.DoesNotContain("trays", lines.Keys);
        Assert.DoesNotContain("pots", lines.Keys);
    }

    [Fact]
    public void Parts_of_the_mixes_are_summed()
    {
        // 216 cells of 0.04 l and 3 containers of 1.4 l are 12.84 l settled, 15.106 l loose at 15 % settling, a quarter of it perlite
        var lines = Lines(Flax("W-1", 216, 0), Need("W-2", "blue-flax", RouteSetting.WinterContainer, 90, 0));
        Assert.Equal(15.106 / 4, lines["perlite"].Needed, 2);
        Assert.Equal(15.106 * 3 / 4, lines["peat"].Needed, tolerance: 0.001);
        // a bag of 0.1 l, four parts of peat to one of vermiculite
        var cold = Lines(Need("W-1", "elegant-penstemon", RouteSetting.Indoors, 1, 1));
        Assert.Equal(0.1 / 0.85 / 5, cold["vermiculite"].Needed, 4);
    }

    [Fact]
    public void Containers_are_counted_by_kind_and_the_first_pot_is_the_next_after_the_cell()
    {
        var jug = Need("W-1", "blue-flax", RouteSetting.WinterContainer, 90, 5);
        var lines = Lines(jug, jug with { Name = "W-2", Containers = 2, Kind = ContainerPreset.Tub6 });
        Assert.Equal((3, 2), (lines["containers"].Needed, lines["containersTub6"].Needed));
        // 72 cells of a tray of 27 × 53 cm are 4.5 cm wide, the next pot 2.5 to 5 cm more
        Assert.Equal($"Pots, {Quantity.Length(70)} to {Quantity.Length(95)} wide", lines["pots"].What);
        // 10 pots as wide as high (8.25 cm), a frustum whose foot is 0.8 of its rim; loose ÷ 0.85, half of it bark
        const double Rim = 8.25 / 2;
        const double Foot = 0.8 * Rim;
        var litres = Math.PI / 3 * 8.25 * ((Rim * Rim) + (Rim * Foot) + (Foot * Foot)) / 1000;
        Assert.Equal(10 * litres / 0.85 / 2, lines["bark"].Needed, tolerance: 0.001);
    }

    [Fact]
    public void What_is_on_hand_is_deducted_and_the_rest_costs_what_it_costs()
    {
        var stock = new Dictionary<string, SupplyStock> { ["trays"] = new(1, 2.5), ["pots"] = new(99, 0.2) };
        var lines = Supplies.Of([Flax("W-1", 216, 20)], stock, seedEach: null, labelsASheet: 24).ToDictionary(l => l.Key);
        Assert.Equal((2, 5.0), (lines["trays"].ToGet, lines["trays"].Cost));
        Assert.Equal((0, 0.0, "none"), (lines["pots"].ToGet, lines["pots"].Cost, lines["pots"].ToGetWords));
        Assert.Null(lines["domes"].Cost);
    }

    [Fact]
    public void A_bed_takes_no_pots_and_nothing_planned_takes_nothing()
    {
        Assert.DoesNotContain("pots", Lines(Need("W-1", "balsamroot", RouteSetting.AutumnBed, 100, 30)).Keys);
        Assert.Empty(Supplies.Of([], new Dictionary<string, SupplyStock>(), null, 24));
    }

    [Fact]
    public void The_fullest_day_is_found_and_room_that_nobody_entered_is_not_taken_for_enough()
    {
        DateOnly Day(int n) => new DateOnly(2027, 2, 1).AddDays(n);
        SpaceTaken[] taken =
        [
            new(PlaceKind.LampShelf, Day(0), Day(20), 2),
            new(PlaceKind.LampShelf, Day(10), Day(30), 3),
            new(PlaceKind.LampShelf, Day(20), Day(40), 1),
            new(PlaceKind.Yard, Day(0), Day(90), 9),
        ];
        var peak = PlacePeak.Of(PlaceKind.LampShelf, taken, 4)!;
        Assert.Equal((5, Day(10), 4), (peak.Units, peak.On, peak.Room));
        Assert.Contains("not entered", PlacePeak.Of(PlaceKind.LampShelf, taken, null)!.Words, StringComparison.Ordinal);
        Assert.Null(PlacePeak.Of(PlaceKind.HeatMat, taken, 4));
    }
}
