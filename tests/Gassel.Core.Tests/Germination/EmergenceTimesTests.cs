using Gassel.Core.Germination;

namespace Gassel.Core.Tests.Germination;

public class EmergenceTimesTests
{
    private static readonly SeedlingCount[] Chilled = [new(5, 3), new(8, 9), new(11, 6), new(14, 2)];
    private static readonly SeedlingCount[] Control = [new(5, 1), new(8, 4), new(11, 7), new(14, 5), new(17, 2)];

    /// <summary>
    /// GNU R 4.2.2: a &lt;- rep(c(5,8,11,14), c(3,9,6,2)); b &lt;- rep(c(5,8,11,14,17), c(1,4,7,5,2)); t.test(a, b); wilcox.test(a, b,
    /// exact = FALSE).
    /// </summary>
    [Fact]
    public void Times_are_compared_as_in_R()
    {
        var times = TimeDifference.Of("chilled", Chilled, "control", Control)!;
        Assert.Equal(-2.42368421, times.Difference, 8);
        Assert.Equal(-4.333536623, times.Low, 8);
        Assert.Equal(-0.513831798, times.High, 8);
        Assert.Equal(0.01762544758, times.RankSumP, 9);
    }

    [Fact]
    public void One_seedling_or_one_common_day_has_no_difference_in_time()
    {
        Assert.Null(TimeDifference.Of("a", [new(5, 1)], "b", Control));
        Assert.Null(TimeDifference.Of("a", [], "b", Control));
        Assert.Null(TimeDifference.Of("a", [new(5, 4)], "b", [new(5, 9)]));
    }

    [Fact]
    public void Later_by_a_week_is_later_by_a_week()
    {
        SeedlingCount[] later = [.. Chilled.Select(c => c with { Day = c.Day + 7 })];
        Assert.Equal(7, TimeDifference.Of("later", later, "chilled", Chilled)!.Difference, 10);
    }
}
