using CsCheck;
using Gassel.Core.Germination;
using Gassel.Core.Planning;
using MathNet.Numerics.Distributions;

namespace Gassel.Core.Tests.Planning;

/// <summary>Two ways to the same chance: the sum in the core, and the distribution of the library or the case counted by hand.</summary>
public class ContainerChanceTests
{
    private static SeedsQuestion Asked(int plants, double germination) => new(plants, new GerminationBelief.Known(germination));

    [Fact]
    public void Without_loss_the_chance_is_the_tail_of_a_binomial()
    {
        Gen.Select(Gen.Int[1, 60], Gen.Int[0, 120], Gen.Double[0.05, 0.95])
            .Sample(
                (plants, seeds, rate) =>
                {
                    var tail = seeds < plants ? 0 : 1 - Binomial.CDF(rate, seeds, plants - 1);
                    Assert.Equal(tail, SeedsNeeded.ReachProbability(seeds, Asked(plants, rate)), 9);
                }
            );
    }

    /// <summary>
    /// Certain seed, 10 in each of two containers, one in five lost: 20 plants need both, 0.8²; 10 plants need one, 1 − 0.2².
    /// </summary>
    [Fact]
    public void Two_containers_of_certain_seed_by_hand()
    {
        var question = Asked(20, 1) with { WholeContainerLoss = 0.2, Containers = 2 };
        Assert.Equal(0.64, SeedsNeeded.ReachProbability(20, question), 12);
        Assert.Equal(0.96, SeedsNeeded.ReachProbability(20, question with { Plants = 10 }), 12);
        // eleven and ten: eleven plants need the first container or both
        Assert.Equal(0.8, SeedsNeeded.ReachProbability(21, question with { Plants = 11 }), 12);
    }

    [Fact]
    public void Losing_containers_never_helps()
    {
        Gen.Select(Gen.Int[1, 30], Gen.Int[30, 90], Gen.Double[0.01, 0.5], Gen.Int[1, 8])
            .Sample(
                (plants, seeds, loss, containers) =>
                {
                    var question = Asked(plants, 0.7);
                    Assert.True(
                        SeedsNeeded.ReachProbability(seeds, question with { WholeContainerLoss = loss, Containers = containers })
                            <= SeedsNeeded.ReachProbability(seeds, question) + 1e-9
                    );
                }
            );
    }
}
