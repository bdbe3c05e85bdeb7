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
    public void Winters_on_record_bound_it_whatever_winter_they_were_told_for()
    {
        var told = (new DateOnly(2027, 1, 19), new DateOnly(2027, 2, 9));
        var window = ContainerSeason.Before(new(2029, 5, 15), new(2026, 11, 29), isSouth: false, told);
        Assert.Equal(new DateWindow(new(2029, 1, 19), new(2029, 1, 19), new(2029, 2, 9)), window);
        // the last of them is just over: today, and a year later when midwinter is long over as well
        var late = new DateOnly(2027, 2, 10);
        Assert.Equal(new DateWindow(late, late, late), ContainerSeason.Before(new(2027, 5, 15), late, isSouth: false, told));
        Assert.Equal(new(2028, 1, 19), ContainerSeason.Before(new(2027, 5, 15), new(2027, 2, 16), isSouth: false, told).Usual);
        // from before midwinter on: midwinter
        var early = (new DateOnly(2026, 11, 3), new DateOnly(2027, 2, 9));
        Assert.Equal(new(2027, 1, 1), ContainerSeason.Before(new(2027, 5, 15), new(2026, 11, 29), isSouth: false, early).Usual);
    }

    [Fact]
    public void In_the_south_midwinter_is_in_July() =>
        Assert.Equal(new(2027, 7, 1), ContainerSeason.Before(new(2027, 11, 1), new(2027, 3, 1), isSouth: true).Usual);
}
