using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Planning;

/// <summary>Bags and trays counted by hand.</summary>
public class ShelfSpaceTests
{
    private static readonly DateOnly Day = new(2027, 1, 1);

    private static SpaceTaken Cold(int from, int to, int units = 1) => new(PlaceKind.ColdShelf, Day.AddDays(from), Day.AddDays(to), units);

    [Fact]
    public void The_tightest_day_is_found_and_leaving_makes_room_the_same_day()
    {
        var check = ShelfSpace.Check(
            [Cold(10, 60)],
            [Cold(0, 20), Cold(15, 30, 2), Cold(30, 90), Cold(60, 90, 50)],
            new Dictionary<PlaceKind, int> { [PlaceKind.ColdShelf] = 4 }
        )[0];
        Assert.Equal((3, Day.AddDays(15), true), (check.TakenThen, check.FullestOn, check.Fits));
        Assert.False((check with { Capacity = 3 }).Fits);
        Assert.True((check with { Capacity = null }).Fits);
    }

    [Fact]
    public void Plants_grown_on_go_out_after_eight_weeks_under_the_lamps()
    {
        var steps = new[]
        {
            (new RouteStep(StepKind.GrowOn, new(100, 120, 150)), Day, Day.AddDays(120)),
            (new RouteStep(StepKind.Scarify, default), Day, Day),
        };
        var taken = ShelfSpace.Of(RouteSetting.Indoors, steps, trays: 2, containers: 3, kind => kind);
        Assert.Equal([new(PlaceKind.LampShelf, Day, Day.AddDays(56), 2), new(PlaceKind.Yard, Day.AddDays(56), Day.AddDays(120), 2)], taken);
        Assert.Equal(
            [new(PlaceKind.Yard, Day, Day.AddDays(120), 3)],
            ShelfSpace.Of(RouteSetting.WinterContainer, steps, trays: 2, containers: 3, kind => kind)
        );
    }

    [Theory]
    [InlineData(1, 1)]
    [InlineData(72, 1)]
    [InlineData(73, 2)]
    public void A_tray_holds_seventy_two(int seeds, int trays) => Assert.Equal(trays, ShelfSpace.Trays(seeds));

    [Fact]
    public void A_tray_that_two_batches_share_takes_its_room_once()
    {
        SpaceTaken On(string from, string to, string? shared) =>
            new(
                PlaceKind.HeatMat,
                DateOnly.Parse(from, System.Globalization.CultureInfo.InvariantCulture),
                DateOnly.Parse(to, System.Globalization.CultureInfo.InvariantCulture),
                1,
                shared
            );
        var together = ShelfSpace
            .Together([
                On("2027-03-01", "2027-03-20", "T-1"),
                On("2027-03-02", "2027-03-25", "T-1"),
                On("2027-03-01", "2027-03-20", null),
                On("2027-03-01", "2027-03-20", null),
            ])
            .ToList();
        Assert.Equal(3, together.Count);
        Assert.Contains(On("2027-03-01", "2027-03-25", "T-1"), together);
    }
}
