using Gassel.Core.Planning;
using Gassel.Core.Record;

namespace Gassel.Core.Tests.Planning;

/// <summary>Seed sown late in the year. Eight weeks to root before hard frost: common practice, no source.</summary>
public class LateSowingTests
{
    private static LateSowing? Of(string up, string ready, string first = "09-25", string last = "05-08") =>
        LateSowing.Of(
            DateOnly.Parse(up, System.Globalization.CultureInfo.InvariantCulture),
            DateOnly.Parse(ready, System.Globalization.CultureInfo.InvariantCulture),
            first,
            last,
            "entered by hand"
        );

    [Fact]
    public void Up_in_late_august_they_have_not_rooted_by_the_frost_and_three_ways_are_offered_with_days()
    {
        var late = Of("2027-08-28", "2027-10-20")!;
        Assert.Equal((new(2027, 10, 23), new(2027, 9, 25), new(2028, 5, 8)), (late.RootedOn, late.FirstFrost, late.LastFrost));
        Assert.Equal([WinterWay.UnderLamps, WinterWay.PlantAndCover, WinterWay.PotsInFrame], late.Options.Select(o => o.Way));
        Assert.Equal((new(2027, 8, 28), new(2028, 4, 28)), (late.Options[0].From, late.Options[0].To));
        // planted before the frost, not on the January day on which the plan would have them ready
        Assert.Equal((new(2027, 9, 25), new(2028, 5, 8)), (late.Options[1].From, late.Options[1].To));
        Assert.Equal((new(2027, 9, 25), new(2028, 5, 8)), (late.Options[2].From, late.Options[2].To));
        Assert.Contains("25 Sep 2027", late.Options[1].Words.Said(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("2027-07-31", null)] // 56 days before it: rooted on the day
    [InlineData("2027-08-01", "2027-09-25")]
    [InlineData("2027-11-20", "2027-09-25")] // the frost is past already
    public void Eight_weeks_before_the_frost_is_the_edge(string up, string? frost) =>
        Assert.Equal(frost, Of(up, "2027-12-10")?.FirstFrost.ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture));

    [Fact]
    public void Too_small_to_handle_by_the_frost_they_are_not_planted_and_potted_later()
    {
        var late = Of("2027-09-10", "2028-01-20")!;
        Assert.Equal([WinterWay.UnderLamps, WinterWay.PotsInFrame], late.Options.Select(o => o.Way));
        Assert.Equal(new DateOnly(2027, 10, 1), late.Options[1].From);
    }

    [Fact]
    public void What_is_grown_under_lamps_for_the_spring_anyway_is_not_late()
    {
        Assert.Null(Of("2027-10-10", "2028-05-20"));
        // winter sowing for early spring is meant so
        Assert.Null(Of("2028-02-20", "2028-04-20"));
    }

    [Fact]
    public void In_the_south_the_autumn_is_in_april() =>
        Assert.Equal(new DateOnly(2027, 4, 20), Of("2027-03-10", "2027-05-20", "04-20", "10-15")!.FirstFrost);
}
