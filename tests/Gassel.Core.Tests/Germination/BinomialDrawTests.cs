using Gassel.Core.Germination;
using MathNet.Numerics.Distributions;

namespace Gassel.Core.Tests.Germination;

/// <summary>Held against the mean and the variance of the distribution, and its cumulative function in MathNet.</summary>
public class BinomialDrawTests
{
    [Theory]
    [InlineData(40, 0.3)]
    [InlineData(40, 0.9)]
    [InlineData(1000, 0.002)]
    [InlineData(1_000_000, 0.4)]
    public void Draws_have_the_mean_and_spread_of_the_distribution(int trials, double chance)
    {
        const int Draws = 4000;
        var random = new Random(5);
        var drawn = Enumerable.Range(0, Draws).Select(_ => (double)BinomialDraw.Of(random, trials, chance)).ToList();
        var (mean, variance) = (trials * chance, trials * chance * (1 - chance));
        Assert.InRange(drawn.Average(), mean - (4 * Math.Sqrt(variance / Draws)), mean + (4 * Math.Sqrt(variance / Draws)));
        Assert.InRange(drawn.Sum(d => (d - mean) * (d - mean)) / Draws, 0.88 * variance, 1.12 * variance);
        var below = drawn.Count(d => d <= mean) / (double)Draws;
        Assert.InRange(below, Binomial.CDF(chance, trials, mean) - 0.04, Binomial.CDF(chance, trials, mean) + 0.04);
    }

    [Theory]
    [InlineData(0)]
    [InlineData(1e-18)]
    [InlineData(double.NaN)]
    public void Next_to_no_chance_is_none(double chance) => Assert.Equal(0, BinomialDraw.Of(new Random(1), 1_000_000, chance));
}
