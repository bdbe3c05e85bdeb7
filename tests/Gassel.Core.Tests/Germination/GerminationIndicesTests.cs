using Gassel.Core.Germination;

namespace Gassel.Core.Tests.Germination;

/// <summary>Expected values: GNU R 4.2.2, or by hand from the definition; see calculations in docs/architecture.md.</summary>
public class GerminationIndicesTests
{
    internal static readonly SeedlingCount[] Daily =
    [
        .. Enumerable
            .Range(1, 14)
            .Select(day => new SeedlingCount(
                day,
                day switch
                {
                    5 => 4,
                    6 => 17,
                    7 => 10,
                    8 => 7,
                    9 or 11 => 1,
                    _ => 0,
                }
            )),
    ];

    internal static readonly SeedlingCount[] Irregular =
    [
        new(7, 2),
        new(10, 9),
        new(14, 14),
        new(17, 6),
        new(21, 5),
        new(28, 1),
        new(35, 0),
    ];

    [Fact]
    public void Daily_counts_give_the_published_indices()
    {
        var i = GerminationIndices.From(50, Daily);
        Assert.Equal(5, i.FirstDay);
        Assert.Equal(11, i.LastDay);
        Assert.Equal(5.970588, i.T50Coolbear!.Value, 6);
        Assert.Equal(5.941176, i.T50Farooq!.Value, 6);
        Assert.Equal(5, i.T10!.Value, 6);
        Assert.Equal(5.352941, i.T25!.Value, 6);
        Assert.Equal(6.9, i.T75!.Value, 6);
        Assert.Equal(7.714286, i.T90!.Value, 6);
        Assert.Equal(6.7, i.MeanTime!.Value, 6);
        Assert.Equal(1.446154, i.TimeVariance!.Value, 6);
        Assert.Equal(1 / 6.7, i.MeanRate!.Value, 9);
        Assert.Equal(100 / 6.7, i.CoefficientOfVelocity!.Value, 7);
        Assert.Equal(6.138925, i.Speed, 6);
        Assert.Equal(0.2666667, i.Synchrony!.Value, 7);
        Assert.Equal(2.062987, i.UncertaintyBits!.Value, 6);
        Assert.Equal(6.9 - 5.352941, i.Uniformity!.Value, 6);
        Assert.Equal(9.5, i.PeakValue!.Value, 6);
        Assert.Equal(54.28571, i.GerminationValue!.Value, 5);
    }

    [Fact]
    public void Irregular_counts_give_the_R_values()
    {
        var i = GerminationIndices.From(60, Irregular);
        Assert.Equal(12.28571, i.T50Coolbear!.Value, 5);
        Assert.Equal(12.14286, i.T50Farooq!.Value, 5);
        Assert.Equal(7.566667, i.T10!.Value, 6);
        Assert.Equal(18.84, i.T90!.Value, 6);
        Assert.Equal(14.459459, i.MeanTime!.Value, 6);
    }

    [Fact]
    public void A_plateau_takes_the_earliest_day()
    {
        var i = GerminationIndices.From(4, [new(2, 1), new(5, 0), new(8, 1)]);
        Assert.Equal(2, i.T50Farooq!.Value, 9);
    }

    [Fact]
    public void No_seedlings_leave_times_unknown_and_speed_zero()
    {
        var i = GerminationIndices.From(20, [new(7, 0)]);
        Assert.Null(i.T50Farooq);
        Assert.Null(i.MeanTime);
        Assert.Null(i.Synchrony);
        Assert.Null(i.UncertaintyBits);
        Assert.Equal(0, i.Speed);
        Assert.Equal(0, i.PeakValue);
        Assert.Equal(0, i.GerminationValue);
        var uncounted = GerminationIndices.From(20, []);
        Assert.Null(uncounted.PeakValue);
        Assert.Null(uncounted.GerminationValue);
    }

    [Fact]
    public void A_zero_count_on_the_day_of_sowing_divides_nothing()
    {
        var i = GerminationIndices.From(20, [new(0, 0)]);
        Assert.Equal(0, i.PeakValue);
        Assert.Equal(0, i.GerminationValue);
    }

    [Fact]
    public void One_seedling_has_no_variance_and_no_synchrony()
    {
        var i = GerminationIndices.From(20, [new(7, 1)]);
        Assert.Null(i.TimeVariance);
        Assert.Null(i.Synchrony);
        Assert.Equal(0, i.UncertaintyBits);
        Assert.Equal(7, i.MeanTime);
    }
}
