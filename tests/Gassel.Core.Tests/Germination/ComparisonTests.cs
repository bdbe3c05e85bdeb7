using CsCheck;
using Gassel.Core.Germination;

namespace Gassel.Core.Tests.Germination;

/// <summary>Published examples, and values of GNU R 4.2.2 by the call named beside each.</summary>
public class ComparisonTests
{
    private static ArmPair Pair(int a, int n, int b, int m) => Comparison.Of([new("a", a, n), new("b", b, m)]).Pairs.Single();

    /// <summary>Newcombe 1998, method 10, 56/70 against 48/80 (from memory, reproduced in R).</summary>
    [Fact]
    public void The_difference_of_shares_has_Newcombes_interval()
    {
        var pair = Pair(56, 70, 48, 80);
        Assert.Equal(0.2, pair.Difference, 4);
        Assert.Equal(0.0524, pair.Low, 4);
        Assert.Equal(0.3339, pair.High, 4);
    }

    /// <summary>R: fisher.test(matrix(c(18, 6, 9, 15), 2)).</summary>
    [Fact]
    public void Eighteen_and_nine_of_twenty_four_are_told_apart()
    {
        var pair = Pair(18, 24, 9, 24);
        Assert.Equal(0.375, pair.Difference, 6);
        Assert.Equal(0.09435, pair.Low, 5);
        Assert.Equal(0.58381, pair.High, 5);
        Assert.Equal(0.01893028, pair.FisherP, 8);
    }

    /// <summary>R: fisher.test(matrix(c(a, n − a, b, m − b), 2))$p.value.</summary>
    [Theory]
    [InlineData(6, 8, 4, 8, 0.6083916084)]
    [InlineData(300, 1000, 350, 1000, 0.01928432161)]
    [InlineData(3, 3, 0, 9, 0.004545454545)]
    [InlineData(0, 5, 0, 7, 1)]
    [InlineData(5, 5, 7, 7, 1)]
    public void Fishers_test_sums_as_R_does(int a, int n, int b, int m, double p) => Assert.Equal(p, FisherExact.TwoSided(a, n, b, m), 9);

    /// <summary>R: the same call; a far tail keeps its relative precision.</summary>
    [Fact]
    public void A_far_tail_keeps_its_digits() => Assert.Equal(6.800024224e-06, FisherExact.TwoSided(1000, 10_000, 1200, 10_000), 14);

    [Fact]
    public void A_million_seeds_an_arm_are_tested_at_once()
    {
        var clock = System.Diagnostics.Stopwatch.StartNew();
        Assert.InRange(FisherExact.TwoSided(500_000, 1_000_000, 500_100, 1_000_000), 0.8, 1);
        Assert.Equal(0, FisherExact.TwoSided(0, 1_000_000, 1_000_000, 1_000_000), 15);
        Assert.True(clock.ElapsedMilliseconds < 2000, $"{clock.ElapsedMilliseconds} ms");
    }

    /// <summary>
    /// Orobanche aegyptiaca 75 in bean extract (Crowder 1978; data from memory). R: chisq.test(..., correct = FALSE).
    /// </summary>
    [Fact]
    public void The_plates_of_Orobanche_do_not_agree()
    {
        var h = Comparison.Heterogeneous([new("1", 10, 39), new("2", 23, 62), new("3", 23, 81), new("4", 26, 51), new("5", 17, 39)])!;
        Assert.Equal(9.759542, h.ChiSquare, 6);
        Assert.Equal(4, h.DegreesOfFreedom);
        Assert.Equal(0.0446789, h.P, 7);
    }

    [Fact]
    public void One_arm_or_none_or_all_emerged_leaves_nothing_to_test()
    {
        Assert.Null(Comparison.Heterogeneous([new("a", 3, 9)]));
        Assert.Null(Comparison.Heterogeneous([new("a", 0, 9), new("b", 0, 4)]));
        Assert.Null(Comparison.Heterogeneous([new("a", 9, 9), new("b", 4, 4)]));
        Assert.Equal(1, Comparison.Heterogeneous([new("a", 2, 4), new("b", 4, 8)])!.P);
    }

    /// <summary>R: p.adjust(c(0.01, 0.04, 0.03, 0.005), "holm").</summary>
    [Fact]
    public void Holm_steps_down_and_never_falls() =>
        Assert.Equal([0.03, 0.06, 0.06, 0.02], Comparison.Holm([0.01, 0.04, 0.03, 0.005]).Select(p => Math.Round(p, 12)));

    [Fact]
    public void Turning_the_arms_round_turns_the_difference_round_and_nothing_else()
    {
        var arms = from n in Gen.Int[1, 200] from a in Gen.Int[0, n] select (a, n);
        Gen.Select(arms, arms)
            .Sample(
                (x, y) =>
                {
                    var (one, other) = (Pair(x.a, x.n, y.a, y.n), Pair(y.a, y.n, x.a, x.n));
                    Assert.Equal(one.FisherP, other.FisherP, 10);
                    Assert.Equal(one.Low, -other.High, 10);
                    Assert.InRange(one.Difference, one.Low - 1e-12, one.High + 1e-12);
                    Assert.InRange(one.FisherP, 0, 1);
                }
            );
    }

    [Theory]
    [InlineData(0.0000004, "p below 0.001")]
    [InlineData(0.0189, "p 0.0189")]
    [InlineData(1, "p 1")]
    public void A_p_value_is_never_told_as_nought(double p, string words) => Assert.Equal(words, ProbabilityWords.Of(p));
}
