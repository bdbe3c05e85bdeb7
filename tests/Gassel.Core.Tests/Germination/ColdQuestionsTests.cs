using Gassel.Core.Germination;
using MathNet.Numerics.Distributions;

namespace Gassel.Core.Tests.Germination;

/// <summary>A cold under way, a second one, and what other nurseries tell of a day of cold.</summary>
public class ColdQuestionsTests
{
    /// <summary>As in the definition of the calculator: at 30, 60 and 90 days 0.264, 0.509 and 0.750 come up (R).</summary>
    private static readonly ColdBatch[] Own = Batches(
        [0, 0, 30, 30, 30, 60, 60, 60, 90, 90, 90],
        [60, 50, 60, 80, 40, 60, 72, 50, 60, 60, 90],
        [1, 6, 9, 31, 4, 40, 30, 41, 44, 25, 79]
    );

    private static ColdBatch[] Batches(int[] cold, int[] sown, int[] up) =>
        [.. cold.Select((days, i) => new ColdBatch(days, sown[i], up[i]))];

    private static ColdElsewhere? Theirs(ColdBatch[] batches) => ColdElsewhere.From(new("Skarve", batches));

    [Fact]
    public void A_cold_under_way_is_told_by_the_line()
    {
        var questions = new ColdQuestions(Own, []);
        Assert.StartsWith("By 11 batches of your own, about 51 % (", questions.SoFar(60.3));
        Assert.EndsWith(") come up after 60 days of cold.", questions.SoFar(60.3));
        Assert.Null(questions.SoFar(120));
        Assert.Null(new ColdQuestions(Own[..4], []).SoFar(30));
    }

    /// <summary>Of the seed that 30 days left, (0.509 − 0.264) / (1 − 0.264) = 0.333: 33 of 100.</summary>
    [Fact]
    public void A_second_cold_is_worth_what_the_line_says_of_the_seed_that_is_left()
    {
        var told = new ColdQuestions(Own, []).Again(100, 30, 30);
        Assert.Contains("of 100 seeds not up yet about 33 (", told);
        Assert.Contains("come up with 30 days more, if they add to the 30 before (our assumption).", told);
        Assert.Contains("do not reach to 150 days", new ColdQuestions(Own, []).Again(100, 90, 60));
        Assert.Equal("Whether more cold brings more up, your batches do not tell yet.", new ColdQuestions(Own[..4], []).Again(9, 30, 30));
    }

    /// <summary>
    /// Own batches that all had 60 days tell nothing of the slope: it is theirs, and only the level is their own. Standard error of the
    /// slope by the Hessian of the same likelihood in GNU R 4.2.2 (optim, hessian = TRUE): see the call beside it.
    /// </summary>
    [Fact]
    public void What_a_day_of_cold_does_comes_from_elsewhere_and_how_much_comes_up_from_here()
    {
        var theirs = Theirs(Own)!;
        var alone = ColdEffectFit.Fit(Own, [], null, null);
        Assert.Equal(alone.B!.Value, theirs.Slope, 1e-5);
        // beside it what nurseries differ by
        Assert.Equal(Math.Sqrt(RError * RError + 0.09 * theirs.Slope * theirs.Slope), theirs.Error, 2e-4);
        ColdBatch[] own = [new(60, 100, 40), new(60, 100, 44), new(60, 100, 36)];
        var fit = ColdEffectFit.Fit(own, [60, 90], 90, 60, elsewhere: [theirs]);
        Assert.Equal(theirs.Slope, fit.B!.Value, 1e-5);
        Assert.Equal(0.4, fit.At[0].Mean!.Value, 1e-4);
        // 0.4 and thirty days of theirs more: logit(0.4) + 30 · 0.0354
        Assert.Equal(1 / (1 + Math.Exp(-(Math.Log(0.4 / 0.6) + 30 * theirs.Slope))), fit.At[1].Mean!.Value, 1e-4);
        Assert.True(fit.Speaks, fit.Reason);
        Assert.Contains("Skarve", fit.Working[^1], StringComparison.Ordinal);
        Assert.False(ColdEffectFit.Fit(own, [60], null, null).Speaks);
    }

    /// <summary>
    /// <code>
    /// ll &lt;- function(v) { m &lt;- plogis(v[1] + v[2] * x / 30); r &lt;- plogis(v[3]); k &lt;- 1 / r - 1
    ///   -sum(lchoose(n, y) + lbeta(y + m * k, n - y + (1 - m) * k) - lbeta(m * k, (1 - m) * k)) }
    /// sqrt(solve(optim(c(-2, 1, -2), ll, method = "BFGS", hessian = TRUE)$hessian)[2, 2]) / 30
    /// </code>
    /// </summary>
    private const double RError = 0.008563729;

    [Fact]
    public void A_nursery_with_one_cold_tells_nothing_of_it() => Assert.Null(Theirs([new(60, 50, 20), new(60, 50, 30)]));

    [Fact]
    public void Nurseries_that_differ_pull_no_harder_than_they_know()
    {
        var steep = Theirs(Batches([0, 30, 60, 90], [100, 100, 100, 100], [2, 20, 80, 98]))!;
        var (alone, together) = (ColdEffectFit.Fit(Own, [], null, null), ColdEffectFit.Fit(Own, [], null, null, elsewhere: [steep]));
        Assert.InRange(together.B!.Value, alone.B!.Value, steep.Slope);
    }

    /// <summary>
    /// Six own batches with 50 and 70 days of cold, eight of another nursery with 0 to 120, whose day of cold differs from ours by 30 %
    /// of it (standard deviation); seeds of a batch alike by 0.05.
    /// </summary>
    /// <returns>Shares of the draws whose interval of a shorter cold holds the truth, and mean widths, with them and without.</returns>
    private static (double With, double Without, double WidthWith, double WidthWithout) Try(int draws, int seed)
    {
        var random = new Random(seed);
        var (held, heldAlone, wide, wideAlone, told) = (0, 0, 0.0, 0.0, 0);
        for (var i = 0; i < draws; i++)
        {
            var slope = 0.04;
            var theirs = slope * (1 + ColdElsewhere.DiffersBy * Normal.Sample(random, 0, 1));
            var own = Drawn(random, [50, 50, 50, 70, 70, 70], -2.4, slope);
            var other = Theirs(Drawn(random, [0, 30, 30, 60, 60, 90, 90, 120], -1.5, theirs));
            var truth = Mean(-2.4 + slope * 90) - Mean(-2.4 + slope * 60);
            if (other is null || ColdEffectFit.Fit(own, [], 90, 60, elsewhere: [other]).Loss is not { Low: { } low, High: { } high })
                continue;
            told++;
            held += low <= truth && truth <= high ? 1 : 0;
            wide += high - low;
            // alone they reach to a week beyond 70 days
            var (alone, near) = (ColdEffectFit.Fit(own, [], 77, 60).Loss!, Mean(-2.4 + slope * 77) - Mean(-2.4 + slope * 60));
            heldAlone += alone.Low <= near && near <= alone.High ? 1 : 0;
            wideAlone += alone.High!.Value - alone.Low!.Value;
        }
        return ((double)held / told, (double)heldAlone / told, wide / told, wideAlone / told);

        static double Mean(double logit) => 1 / (1 + Math.Exp(-logit));
    }

    private static ColdBatch[] Drawn(Random random, int[] colds, double level, double slope) =>
        [
            .. colds.Select(days =>
            {
                var mean = 1 / (1 + Math.Exp(-(level + slope * days)));
                const double Alike = 1 / 0.05 - 1;
                var share = Beta.Sample(random, mean * Alike, (1 - mean) * Alike);
                return new ColdBatch(days, 60, Binomial.Sample(random, Math.Clamp(share, 1e-9, 1 - 1e-9), 60));
            }),
        ];

    [Fact]
    public void With_another_nursery_the_interval_holds_what_it_promises()
    {
        var (with, _, _, _) = Try(60, seed: 3);
        Assert.InRange(with, 0.85, 1);
    }

    [Fact]
    public void What_it_rests_on_is_written_where_it_is_asked_for()
    {
        if (Environment.GetEnvironmentVariable("GASSEL_WRITE") is null)
            Assert.Skip("GASSEL_WRITE is not set");
        var (with, without, wide, alone) = Try(400, seed: 26);
        Evidence.Write(
            "What a day of cold does, with another nursery",
            FormattableString.Invariant(
                $"""
                Four hundred times six own batches with 50 and 70 days of cold, and eight of another nursery with 0 to 120 days, whose
                day of cold differs from ours by {ColdElsewhere.DiffersBy:P0} of it (our assumption). Intervals of 95 % of what a
                shorter cold costs:

                | | interval holds the truth | mean width |
                |---|---|---|
                | 60 days instead of 90, with theirs | {with:P1} | {100 * wide:0} points |
                | 60 days instead of 77, own batches alone (they reach no further) | {without:P1} | {100 * alone:0} points |
                """
            )
        );
    }
}
