using Gassel.Core.Germination;
using Gassel.Core.Planning;

namespace Gassel.Core.Tests.Planning;

/// <summary>
/// Seeds needed on a germination test. With survival 1 the plants are beta-binomial; the values are those of scipy's <c>betabinom</c>,
/// given with the
/// project's calculations (section 15).
/// </summary>
public class SeedsFromTestsTests
{
    private static SeedsNeededResult Need(int plants, int germinated, int tested, double survival = 1, double confidence = 0.9) =>
        SeedsNeeded.For(new(plants, new GerminationBelief.Tested(germinated, tested), survival, confidence));

    [Theory]
    [InlineData(100, 0, 1, 1, 0.9, 16_137)]
    [InlineData(5000, 3, 20, 0.7, 0.95, 127_007)]
    [InlineData(10_000, 1, 10, 0.8, 0.95, 698_648)]
    public void A_steep_tail_is_met_wherever_it_lies(
        int plants,
        int germinated,
        int tested,
        double survival,
        double confidence,
        int seeds
    ) => Assert.Equal(seeds, Need(plants, germinated, tested, survival, confidence).Seeds);

    /// <summary>R: 48 plants, 30 of 50, survival 0.85, 0.9.</summary>
    [Fact]
    public void The_ordinary_case_stays_as_it_was()
    {
        var need = Need(48, 30, 50, 0.85);
        Assert.Equal(116, need.Seeds);
        Assert.Equal(0.90719, need.ReachProbability!.Value, 5);
    }

    /// <summary>Two ways to one number: the mean over the germination on a fine grid, where the step is no problem.</summary>
    [Theory]
    [InlineData(5, 3, 8, 1.0, null)]
    [InlineData(12, 9, 20, 0.8, 2)]
    public void Both_ways_of_integrating_agree_where_the_step_is_wide(int plants, int germinated, int tested, double survival, int? perCell)
    {
        var question = new SeedsQuestion(plants, new GerminationBelief.Tested(germinated, tested), survival, 0.9, perCell);
        var units = SeedsNeeded.For(question).Seeds!.Value / (perCell ?? 1);
        double Success(double g) => (perCell is { } k ? 1 - Math.Pow(1 - g, k) : g) * survival;
        var direct = question.Germination.Mean(g => 1 - MathNet.Numerics.Distributions.Binomial.CDF(Success(g), units, plants - 1));
        Assert.Equal(direct, SeedsNeeded.ReachProbability(units, question), 5);
    }

    [Fact]
    public void A_test_in_which_nothing_came_up_does_not_tell()
    {
        Assert.False(Need(20, 0, 30).TestSpeaks);
        Assert.Contains(Need(20, 0, 30).Working, w => w.Contains("does not tell", StringComparison.Ordinal));
        Assert.True(Need(20, 1, 30).TestSpeaks);
    }

    [Fact]
    public void A_number_that_nobody_could_sow_is_none()
    {
        var need = SeedsNeeded.For(new(1_000_000, new GerminationBelief.Known(1e-6)));
        Assert.Null(need.NaiveSeeds);
        Assert.Contains(need.Working, w => w.Contains("thousand million", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData(0.999, "99.9 %")]
    [InlineData(0.004, "0.4 %")]
    [InlineData(0.9, "90 %")]
    [InlineData(1, "100 %")]
    [InlineData(0, "0 %")]
    [InlineData(0.999999, "99.9999 %")]
    [InlineData(0.85, "85 %")]
    public void A_percentage_stays_what_was_put_in(double share, string words) => Assert.Equal(words, Percent.Of(share));
}
