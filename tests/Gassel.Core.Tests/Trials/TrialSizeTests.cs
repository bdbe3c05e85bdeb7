using Gassel.Core.Germination;
using Gassel.Core.Trials;

namespace Gassel.Core.Tests.Trials;

/// <summary>GNU R 4.2.2, power.prop.test and enumeration of fisher.test over all outcomes.</summary>
public class TrialSizeTests
{
    [Theory]
    [InlineData(0.5, 0.75, 58)]
    [InlineData(0.75, 0.5, 58)]
    [InlineData(0.4, 0.6, 97)]
    public void Seeds_an_arm_are_those_of_R(double control, double treated, int seeds) =>
        Assert.Equal(seeds, TrialSizes.Of(control, treated).SeedsPerArm);

    /// <summary>0.743355 in the contract; the others by a double loop over fisher.test.</summary>
    [Theory]
    [InlineData(58, 0.5, 0.75, 0.743355, 6)]
    [InlineData(24, 0.5, 0.9, 0.83417362, 8)]
    [InlineData(8, 0.5, 0.75, 0.0869990587, 9)]
    public void The_exact_test_has_the_power_of_the_enumeration(int seeds, double p, double q, double power, int digits) =>
        Assert.Equal(power, FisherExact.PowerOfEqualArms(seeds, p, q, 0.05), digits);

    /// <summary>The same sum by asking the test itself about each outcome.</summary>
    /// <summary>R, by enumeration of Fisher's test.</summary>
    [Theory]
    [InlineData(0.5, 0.75, 64)]
    [InlineData(0.3, 0.6, 48)]
    public void Fishers_test_needs_more(double control, double treated, int seeds) =>
        Assert.Equal(seeds, TrialSizes.Of(control, treated).SeedsPerArmFisher);

    [Fact]
    public void The_quick_enumeration_is_the_slow_one()
    {
        const int n = 13;
        double Share(int x, double p) => MathNet.Numerics.Distributions.Binomial.PMF(p, n, x);
        double slow = 0;
        for (var x = 0; x <= n; x++)
        {
            for (var y = 0; y <= n; y++)
            {
                if (FisherExact.TwoSided(x, n, y, n) <= 0.05)
                    slow += Share(x, 0.2) * Share(y, 0.7);
            }
        }
        Assert.Equal(slow, FisherExact.PowerOfEqualArms(n, 0.2, 0.7, 0.05), 12);
    }

    /// <summary>R: power.prop.test(n = 24, p1 = 0.5, power = 0.8) gives p2 = 0.867 (to the accuracy of its root search).</summary>
    [Fact]
    public void What_the_seeds_at_hand_could_show()
    {
        var best = TrialSizes.Of(0.5, 0.75, seedsAtHand: 24).AtBest!;
        Assert.Equal(0.867, best.Higher!.Value, 3);
        Assert.Equal(1 - best.Higher.Value, best.Lower!.Value, 6);
        Assert.Equal(new AtBest(3, null, null), TrialSizes.Of(0.5, 0.75, seedsAtHand: 3).AtBest);
    }

    [Fact]
    public void A_hair_of_a_difference_asks_for_more_seed_than_can_be_enumerated()
    {
        var size = TrialSizes.Of(0.5, 0.51);
        Assert.True(size.SeedsPerArm > TrialSizes.MostEnumerated);
        Assert.Null(size.ExactPower);
        Assert.Null(TrialSizes.Of(0.5, 0.5 + 1e-12).SeedsPerArm);
    }

    [Fact]
    public void All_against_none_needs_few() => Assert.InRange(TrialSizes.Of(0, 1).SeedsPerArm!.Value, 1, 5);
}
