using Gassel.Core.Planning;

namespace Gassel.Core.Tests.Planning;

/// <summary>Containers go out in midwinter: common practice, no source.</summary>
public sealed class ContainerSeasonTests
{
    [Fact]
    public void It_is_the_winter_before_the_plants_are_wanted()
    {
        var window = ContainerSeason.Before(new(2028, 5, 15), new(2026, 11, 29), isSouth: false);
        Assert.Equal(new DateWindow(new(2027, 12, 1), new(2028, 1, 1), new(2028, 2, 15)), window);
    }

    [Fact]
    public void A_winter_that_is_over_gives_way_to_the_next_and_one_under_way_begins_today()
    {
        Assert.Equal(new(2028, 1, 1), ContainerSeason.Before(new(2027, 5, 15), new(2027, 3, 14), isSouth: false).Usual);
        var now = ContainerSeason.Before(new(2027, 5, 15), new(2027, 1, 20), isSouth: false);
        Assert.Equal((new DateOnly(2027, 1, 20), new DateOnly(2027, 1, 20)), (now.Earliest, now.Usual));
    }

    [Fact]
    public void In_the_south_midwinter_is_in_July() =>
        Assert.Equal(new(2027, 7, 1), ContainerSeason.Before(new(2027, 11, 1), new(2027, 3, 1), isSouth: true).Usual);
}
