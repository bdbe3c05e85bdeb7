using CsCheck;
using Gassel.Core.Germination;
using Gassel.Core.Planning;

namespace Gassel.Core.Tests.Planning;

/// <summary>R 4.2.2: pbinom for known rates, integrate over the Beta density for tests (docs/calculations.md, "Seeds needed").</summary>
public class SeedsNeededTests
{
    private static SeedsQuestion Asked(int plants, double germination, double survival = 1, double confidence = 0.9) =>
        new(plants, new GerminationBelief.Known(germination), survival, confidence);

    [Theory]
    [InlineData(48, 0.6, 0.85, 0.9, 107)]
    [InlineData(20, 0.75, 1, 0.95, 32)]
    public void Known_germination_as_in_R(int plants, double germination, double survival, double confidence, int seeds) =>
        Assert.Equal(seeds, SeedsNeeded.For(Asked(plants, germination, survival, confidence)).Seeds);

    [Fact]
    public void A_test_of_thirty_in_fifty_asks_for_more_than_its_rate_alone()
    {
        var result = SeedsNeeded.For(new(48, new GerminationBelief.Tested(30, 50), 0.85));
        Assert.Equal(116, result.Seeds);
        Assert.Equal(0.90719, result.ReachProbability!.Value, 5);
        Assert.Equal(95, result.NaiveSeeds);
    }

    [Theory]
    [InlineData(2, 74)]
    [InlineData(3, 66)]
    public void Cells_thinned_to_one_as_in_R(int seedsPerCell, int cells)
    {
        var result = SeedsNeeded.For(Asked(48, 0.6, 0.85) with { SeedsPerCell = seedsPerCell });
        Assert.Equal(cells, result.Cells!.Cells);
        Assert.Equal(cells * seedsPerCell, result.Seeds);
        Assert.Equal(Math.Pow(0.4, seedsPerCell), result.Cells.EmptyCellFraction, 12);
        Assert.Equal(cells * (seedsPerCell * 0.6 - (1 - Math.Pow(0.4, seedsPerCell))), result.Cells.SurplusSeedlings, 9);
        Assert.Equal((cells + 71) / 72, result.Cells.Trays);
    }

    [Fact]
    public void Certain_seed_needs_just_its_number() => Assert.Equal(48, SeedsNeeded.For(Asked(48, 1, confidence: 0.99)).Seeds);

    [Fact]
    public void A_hopeless_lot_gives_no_number_and_says_so()
    {
        var result = SeedsNeeded.For(Asked(1_000_000, 0.01));
        Assert.Null(result.Seeds);
        Assert.Contains(result.Working, l => l.Contains("More than"));
    }

    /// <summary>By hand: one container lost in ten leaves 90 %; no amount of seed makes it 95 %, two containers do.</summary>
    [Fact]
    public void More_seed_cannot_mend_a_lost_container()
    {
        var one = SeedsNeeded.For(Asked(20, 0.75, confidence: 0.95) with { WholeContainerLoss = 0.1, Containers = 1 });
        Assert.Null(one.Seeds);
        Assert.Contains(one.Working, l => l.Contains("2 containers or more"));
        var three = SeedsNeeded.For(Asked(20, 0.75, confidence: 0.95) with { WholeContainerLoss = 0.1, Containers = 3 });
        Assert.True(three.Seeds > 32);
    }

    /// <summary>
    /// Simulated beside the sum: 60 seeds of 0.7 over 4 containers, one in five lost, 30 plants. 40,000 draws have a standard error of
    /// 0.0025.
    /// </summary>
    [Fact]
    public void The_chance_with_lost_containers_agrees_with_drawing_it()
    {
        var question = Asked(30, 0.7) with { WholeContainerLoss = 0.2, Containers = 4 };
        var random = new Random(11);
        var reached = Enumerable
            .Range(0, 40_000)
            .Count(_ =>
            {
                var plants = 0;
                for (var container = 0; container < 4; container++)
                {
                    if (random.NextDouble() < 0.2)
                        continue;
                    for (var seed = 0; seed < (container < 2 ? 16 : 15); seed++)
                        plants += random.NextDouble() < 0.7 ? 1 : 0;
                }
                return plants >= 30;
            });
        Assert.Equal(reached / 40_000.0, SeedsNeeded.ReachProbability(62, question), 0.01);
    }

    /// <summary>Even a test in which nothing came up is a belief with a tail, not a certainty.</summary>
    [Fact]
    public void A_tested_belief_integrates_to_one_and_has_the_mean_of_its_Beta()
    {
        foreach (var (up, of) in new[] { (0, 1), (0, 20), (1, 1), (50, 50), (30, 50), (4999, 10000) })
        {
            var belief = new GerminationBelief.Tested(up, of);
            Assert.Equal(1, belief.Mean(_ => 1), 9);
            Assert.Equal((up + 0.5) / (of + 1.0), belief.Mean(g => g), 9);
        }
        Assert.InRange(SeedsNeeded.ReachProbability(100, new(1, new GerminationBelief.Tested(0, 20))), 0.5, 0.95);
    }

    [Fact]
    public void More_seeds_never_lower_the_chance_and_the_answer_is_the_smallest()
    {
        Gen.Select(Gen.Int[1, 80], Gen.Int[1, 30], Gen.Int[0, 30], Gen.Double[0.4, 1], Gen.Int[1, 5])
            .Sample(
                (plants, up, down, survival, containers) =>
                {
                    var question = new SeedsQuestion(
                        plants,
                        new GerminationBelief.Tested(up, up + down),
                        survival,
                        0.85,
                        WholeContainerLoss: containers > 1 ? 0.1 : 0,
                        Containers: containers
                    );
                    var n = SeedsNeeded.For(question).Seeds!.Value;
                    Assert.True(SeedsNeeded.ReachProbability(n, question) >= 0.85);
                    if (n > plants)
                        Assert.True(SeedsNeeded.ReachProbability(n - 1, question) < 0.85);
                    Assert.True(SeedsNeeded.ReachProbability(n + 5, question) >= SeedsNeeded.ReachProbability(n, question) - 1e-9);
                },
                iter: 40
            );
    }
}
