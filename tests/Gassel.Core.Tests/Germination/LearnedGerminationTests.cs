using CsCheck;
using Gassel.Core.Germination;
using Gassel.Core.Planning;
using MathNet.Numerics.Distributions;

namespace Gassel.Core.Tests.Germination;

public class LearnedGerminationTests
{
    /// <summary>None at least says nothing; all at least says all; in between the bound lies above the number taken as whole.</summary>
    [Fact]
    public void A_lower_bound_never_lowers_what_is_expected()
    {
        var none = LearnedGermination.From(0.5, []);
        Assert.Equal(none.Mean, LearnedGermination.From(0.5, [new(0, 200, AtLeast: true)]).Mean, 6);
        Assert.Equal(LearnedGermination.From(0.5, [new(40, 40)]).Mean, LearnedGermination.From(0.5, [new(40, 40, AtLeast: true)]).Mean, 6);
        var bound = LearnedGermination.From(0.5, [new(10, 60, AtLeast: true)]);
        Assert.True(bound.Mean > none.Mean && bound.Mean > LearnedGermination.From(0.5, [new(10, 60)]).Mean);
        Assert.True(double.IsFinite(LearnedGermination.From(0.5, [new(3, 100_000, AtLeast: true)]).Mean));
    }

    private static double Sd(LearnedGermination learned)
    {
        var mean = learned.Belief.Mean(g => g);
        return Math.Sqrt(learned.Belief.Mean(g => (g - mean) * (g - mean)));
    }

    /// <summary>
    /// GNU R 4.2.2: for each spread of the same grid, integrate() of the beta prior times the beta-binomial likelihood over the mean; prior
    /// 0.56 worth 20 seeds.
    /// </summary>
    [Theory]
    [InlineData(new[] { 30, 12 }, new[] { 50, 40 }, 0.51558851, 0.19669283)]
    [InlineData(new[] { 2100 }, new[] { 3000 }, 0.59849685, 0.19644330)]
    [InlineData(new[] { 10, 23, 23, 26, 17 }, new[] { 39, 62, 81, 51, 39 }, 0.41453385, 0.13168811)]
    public void Mean_and_spread_of_a_new_batch_are_those_of_quadrature_in_R(int[] up, int[] of, double mean, double sd)
    {
        var learned = LearnedGermination.From(0.56, [.. up.Zip(of, (x, n) => new PastBatch(x, n))]);
        Assert.Equal(mean, learned.Mean, 4);
        Assert.Equal(mean, learned.Belief.Mean(g => g), 3);
        Assert.Equal(sd, Sd(learned), 3);
    }

    [Fact]
    public void Thousands_of_seeds_of_one_lucky_lot_make_no_false_certainty()
    {
        var lucky = LearnedGermination.From(0.5, [new(9_000, 10_000)]);
        Assert.InRange(lucky.Mean, 0.5, 0.7);
        Assert.True(lucky.High - lucky.Low > 0.4, $"{lucky.Low} to {lucky.High}");
        // ten times the seed of the same one batch says hardly more
        Assert.Equal(lucky.Mean, LearnedGermination.From(0.5, [new(90_000, 100_000)]).Mean, 2);
    }

    [Fact]
    public void Many_batches_that_agree_do_make_it_narrow()
    {
        var few = LearnedGermination.From(0.5, [.. Enumerable.Repeat(new PastBatch(60, 100), 3)]);
        var many = LearnedGermination.From(0.5, [.. Enumerable.Repeat(new PastBatch(60, 100), 20)]);
        Assert.True(many.High - many.Low < 0.75 * (few.High - few.Low));
        Assert.InRange(many.Mean, 0.57, 0.61);
    }

    [Fact]
    public void The_order_of_batches_does_not_matter_and_none_is_the_mirror_of_all()
    {
        var batch = from n in Gen.Int[1, 200] from x in Gen.Int[0, n] select new PastBatch(x, n);
        Gen.Select(batch.Array[1, 6], Gen.Double[0.05, 0.95])
            .Sample(
                (own, prior) =>
                {
                    var learned = LearnedGermination.From(prior, own);
                    Assert.Equal(learned.Mean, LearnedGermination.From(prior, [.. own.Reverse()]).Mean, 9);
                    Assert.Equal(
                        1 - learned.Mean,
                        LearnedGermination.From(1 - prior, [.. own.Select(b => new PastBatch(b.Seeds - b.Germinated, b.Seeds))]).Mean,
                        6
                    );
                    Assert.InRange(learned.Mean, learned.Low, learned.High);
                },
                iter: 20
            );
    }

    /// <summary>
    /// Calibration on simulated overdispersed batches: nine in ten of the next ones must fall within what was predicted, with three batches
    /// known and with
    /// twelve.
    /// </summary>
    [Theory]
    [InlineData(3, 0.1)]
    [InlineData(12, 0.1)]
    [InlineData(12, 0.03)]
    [InlineData(6, 0.2)]
    public void Nine_in_ten_new_batches_fall_within_the_prediction(int known, double spread)
    {
        const int trials = 100,
            seeds = 80;
        var random = new Random(1127);
        var k = (1 / spread) - 1;
        var inside = 0;
        for (var trial = 0; trial < trials; trial++)
        {
            var mean = Beta.Sample(random, 5.6, 4.4);
            int Batch() => Binomial.Sample(random, Math.Clamp(Beta.Sample(random, mean * k, (1 - mean) * k), 1e-9, 1 - 1e-9), seeds);
            var predicted = LearnedGermination
                .From(0.56, [.. Enumerable.Range(0, known).Select(_ => new PastBatch(Batch(), seeds))])
                .Predict(seeds);
            var next = (double)Batch() / seeds;
            if (next >= predicted.Low - 1e-9 && next <= predicted.High + 1e-9)
                inside++;
        }
        Assert.InRange(inside / (double)trials, 0.84, 1);
    }

    /// <summary>
    /// Orobanche seed plates (Crowder 1978, the "Seeds" example of the BUGS manual; data from memory, which reproduce its published
    /// logistic fit in R: −0.558, 0.146,
    /// 1.318, −0.778, deviance 33.28 on 17). Each plate is predicted from the others of its kind and extract.
    /// </summary>
    [Fact]
    public void Plates_are_predicted_from_the_other_plates_of_their_kind()
    {
        PastBatch[][] groups =
        [
            [new(10, 39), new(23, 62), new(23, 81), new(26, 51), new(17, 39)],
            [new(5, 6), new(53, 74), new(55, 72), new(32, 51), new(46, 79), new(10, 13)],
            [new(8, 16), new(10, 30), new(8, 28), new(23, 45), new(0, 4)],
            [new(3, 12), new(22, 41), new(15, 30), new(32, 51), new(3, 7)],
        ];
        var inside = 0;
        foreach (var group in groups)
        {
            foreach (var (plate, i) in group.Select((p, i) => (p, i)))
            {
                var predicted = LearnedGermination.From(0.5, [.. group.Where((_, j) => j != i)]).Predict(plate.Seeds);
                var share = (double)plate.Germinated / plate.Seeds;
                if (share >= predicted.Low - 1e-9 && share <= predicted.High + 1e-9)
                    inside++;
            }
        }
        Assert.InRange(inside, 18, 21);
    }

    [Fact]
    public void A_plan_with_own_batches_asks_for_more_seed_than_the_mean_alone_would()
    {
        var learned = LearnedGermination.From(0.6, [new(60, 100), new(40, 80), new(70, 90)]);
        int Seeds(GerminationBelief belief) => SeedsNeeded.For(new(48, belief, 0.85, 0.9, null, 72, 0, 1)).Seeds!.Value;
        Assert.True(Seeds(learned.Belief) > Seeds(new GerminationBelief.Known(learned.Mean)));
    }

    /// <summary>The interval of a batch of few seeds is wider than that of its germination.</summary>
    [Fact]
    public void Few_seeds_add_their_own_chance()
    {
        var learned = LearnedGermination.From(0.6, [.. Enumerable.Repeat(new PastBatch(60, 100), 8)]);
        var (few, many) = (learned.Predict(10), learned.Predict(2000));
        Assert.True(few.High - few.Low > many.High - many.Low);
        Assert.Equal(learned.Low, many.Low, 1);
    }

    [Fact]
    public void A_window_is_proposed_where_the_record_says_otherwise_and_not_before()
    {
        SeedlingCount[] late = [new(20, 2), new(30, 20), new(45, 18)];
        var one = ObservedWindow.Of([late], new(5, 10, 20))!;
        Assert.Null(one.Proposal);
        Assert.Contains("Too little", one.Words, StringComparison.Ordinal);
        var two = ObservedWindow.Of([late, late], new(5, 10, 20))!;
        Assert.Equal(5, two.Proposal!.Value.Shortest);
        Assert.InRange(two.Proposal.Value.Longest, 42, 45);
        Assert.InRange(two.Proposal.Value.Usual, 25, 32);
        Assert.Null(ObservedWindow.Of([late, late], new(15, 30, 50))!.Proposal);
        Assert.Null(
            ObservedWindow.Of(
                [
                    [new(9, 0)],
                ],
                new(5, 10, 20)
            )
        );
    }
}
