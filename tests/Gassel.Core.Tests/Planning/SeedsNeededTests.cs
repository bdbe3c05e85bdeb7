using CsCheck;
using Gassel.Core.Planning;

namespace Gassel.Core.Tests.Planning;

/// <summary>R 4.2.2: pbinom for known rates, integrate over the Beta density for tests (calculations §4).</summary>
public class SeedsNeededTests
{
    [Theory]
    [InlineData(48, 0.6, 0.85, 0.9, 107)]
    [InlineData(20, 0.75, 1, 0.95, 32)]
    public void Known_germination_as_in_R(int plants, double germination, double survival, double confidence, int seeds) =>
        Assert.Equal(seeds, SeedsNeeded.For(plants, new GerminationBelief.Known(germination), survival, confidence).Seeds);

    [Fact]
    public void A_test_of_thirty_in_fifty_asks_for_more_than_its_rate_alone()
    {
        var result = SeedsNeeded.For(48, new GerminationBelief.Tested(30, 50), 0.85, 0.9);
        Assert.Equal(116, result.Seeds);
        Assert.Equal(0.90719, result.ReachProbability!.Value, 5);
        Assert.Equal(95, result.NaiveSeeds);
    }

    [Fact]
    public void Certain_seed_needs_just_its_number() =>
        Assert.Equal(48, SeedsNeeded.For(48, new GerminationBelief.Known(1), 1, 0.99).Seeds);

    [Fact]
    public void A_hopeless_lot_gives_no_number_and_says_so()
    {
        var result = SeedsNeeded.For(1_000_000, new GerminationBelief.Known(0.01), 1, 0.9);
        Assert.Null(result.Seeds);
        Assert.Contains(result.Working, l => l.Contains("More than"));
    }

    /// <summary>Even a test in which nothing came up is a belief with a tail, not a certainty.</summary>
    [Fact]
    public void The_tested_belief_integrates_to_one_and_nothing_up_still_has_a_chance()
    {
        Assert.Equal(1, SeedsNeeded.ReachProbability(1_000_000, 1, new GerminationBelief.Tested(50, 50), 1), 9);
        Assert.InRange(SeedsNeeded.ReachProbability(100, 1, new GerminationBelief.Tested(0, 20), 1), 0.5, 0.95);
    }

    [Fact]
    public void More_seeds_never_lower_the_chance_and_the_answer_is_the_smallest()
    {
        Gen.Select(Gen.Int[1, 80], Gen.Int[1, 30], Gen.Int[0, 30], Gen.Double[0.4, 1]).Sample((plants, up, down, survival) =>
        {
            var belief = new GerminationBelief.Tested(up, up + down);
            var result = SeedsNeeded.For(plants, belief, survival, 0.9);
            var n = result.Seeds!.Value;
            Assert.True(SeedsNeeded.ReachProbability(n, plants, belief, survival) >= 0.9);
            if (n > plants) Assert.True(SeedsNeeded.ReachProbability(n - 1, plants, belief, survival) < 0.9);
            Assert.True(SeedsNeeded.ReachProbability(n + 5, plants, belief, survival) >= SeedsNeeded.ReachProbability(n, plants, belief, survival) - 1e-9);
        }, iter: 60);
    }
}
