using CsCheck;
using Gassel.Core.Germination;

namespace Gassel.Core.Tests.Germination;

public class ProportionTests
{
    /// <summary>R: prop.test(40, 50, correct = FALSE) and binom.test(40, 50).</summary>
    [Fact]
    public void Forty_of_fifty()
    {
        var wilson = Proportion.Wilson(40, 50, 0.95);
        Assert.Equal(0.66963, wilson.Low, 5);
        Assert.Equal(0.88756, wilson.High, 5);
        var exact = Proportion.Exact(40, 50, 0.95);
        Assert.Equal(0.66282, exact.Low, 5);
        Assert.Equal(0.89970, exact.High, 5);
    }

    /// <summary>R: prop.test(37, 60, correct = FALSE).</summary>
    [Fact]
    public void Thirty_seven_of_sixty()
    {
        var wilson = Proportion.Wilson(37, 60, 0.95);
        Assert.Equal(0.49018, wilson.Low, 5);
        Assert.Equal(0.72912, wilson.High, 5);
    }

    /// <summary>
    /// Both laws follow from the definition: none is exactly 0, all exactly 1, and the interval holds the observed share.
    /// </summary>
    [Fact]
    public void Intervals_hold_the_share_and_end_exactly()
    {
        Gen.Int[1, 400]
            .SelectMany(n => Gen.Int[0, n].Select(k => (k, n)))
            .Sample(t =>
            {
                var (k, n) = t;
                foreach (var interval in new[] { Proportion.Wilson(k, n, 0.95), Proportion.Exact(k, n, 0.95) })
                {
                    var share = (double)k / n;
                    Assert.InRange(share, interval.Low - 1e-12, interval.High + 1e-12);
                    if (k == 0)
                        Assert.Equal(0, interval.Low);
                    if (k == n)
                        Assert.Equal(1, interval.High);
                    Assert.InRange(interval.Low, 0, 1);
                    Assert.InRange(interval.High, 0, 1);
                }
            });
    }
}
