using Gassel.Core.Germination;

namespace Gassel.Core.Tests.Germination;

/// <summary>
/// Invented batches, reckoned with GNU R 4.2.2: glm(cbind(up, sown - up) ~ cold + scar + soak, binomial) and optim (BFGS) on the
/// beta-binomial likelihood written with lbeta, the lots summed over 601 points from −6 to 6 spreads.
/// </summary>
public class TreatmentFitTests
{
    private static readonly (int Cold, int Scarified, int Soaked, int Lot, int Sown, int Up)[] Rows =
    [
        (0, 0, 0, 1, 40, 6),
        (30, 0, 1, 1, 50, 14),
        (60, 0, 0, 1, 60, 15),
        (90, 0, 1, 1, 40, 30),
        (30, 1, 0, 2, 40, 25),
        (60, 1, 1, 2, 60, 20),
        (90, 1, 0, 2, 50, 45),
        (0, 1, 1, 2, 40, 10),
        (60, 0, 1, 3, 50, 8),
        (90, 1, 0, 3, 40, 30),
        (30, 0, 0, 3, 60, 3),
        (60, 1, 0, 3, 40, 24),
        (0, 1, 1, 4, 50, 1),
        (90, 0, 1, 4, 60, 20),
        (60, 0, 0, 4, 40, 4),
        (30, 1, 1, 4, 50, 28),
    ];

    private static TreatedBatch Batch(string lot, int sown, int up, double cold, double scarified, double soaked, double light = 0) =>
        new(
            lot,
            sown,
            up,
            new Dictionary<TreatmentFactor, double>
            {
                [TreatmentFactor.Cold] = cold,
                [TreatmentFactor.Scarified] = scarified,
                [TreatmentFactor.Soaked] = soaked,
                [TreatmentFactor.Light] = light,
                [TreatmentFactor.Outdoors] = 0,
                [TreatmentFactor.SeedAge] = 1,
            }
        );

    private static readonly List<TreatedBatch> Sixteen =
    [
        .. Rows.Select(r => Batch($"{r.Lot}", r.Sown, r.Up, r.Cold, r.Scarified, r.Soaked)),
    ];

    private static void Near(TreatmentEffects fit, double[] effects, double tolerance) =>
        Assert.All(fit.Effects.Select(e => e.LogOdds).Prepend(fit.Intercept!.Value).Zip(effects), pair =>
            Assert.Equal(pair.Second, pair.First, tolerance)
        );

    [Fact]
    public void Batches_alike_are_the_binomial_regression_of_glm()
    {
        var fit = TreatmentFit.Fit(Sixteen, overdispersed: false, lotsApart: false);
        Near(fit, [-2.587008801, 0.027487653, 1.423102250, -0.206592228], 2e-5);
        Assert.Equal(-78.57408847, fit.LogLikelihood!.Value, 1e-6);
        Assert.Equal([0.00299361609, 0.17419665802, 0.16812969774], fit.Effects.Select(e => e.StandardError), (a, b) =>
            Math.Abs(a - b) < 2e-5
        );
    }

    [Fact]
    public void Batches_that_differ_are_the_beta_binomial_of_optim()
    {
        var fit = TreatmentFit.Fit(Sixteen, lotsApart: false);
        Near(fit, [-2.4817117349, 0.0271654794, 1.2866735338, -0.1714059864], 2e-4);
        Assert.Equal(0.10353979, fit.Rho!.Value, 1e-4);
        Assert.Equal(-52.96055373, fit.LogLikelihood!.Value, 1e-5);
        Assert.Equal([0.0069335191, 0.4129971517, 0.3913372800], fit.Effects.Select(e => e.StandardError), (a, b) =>
            Math.Abs(a - b) < 2e-3
        );
    }

    [Fact]
    public void Lots_apart_are_integrated_over()
    {
        var binomial = TreatmentFit.Fit(Sixteen, overdispersed: false);
        Near(binomial, [-3.0116264999, 0.0295665198, 1.9859910863, -0.1562043063], 2e-5);
        Assert.Equal(0.526705864, binomial.LotSpread!.Value, 1e-5);
        Assert.Equal(-70.139318404, binomial.LogLikelihood!.Value, 1e-6);
        var both = TreatmentFit.Fit(Sixteen);
        Near(both, [-2.5625319145, 0.0277342921, 1.3900705998, -0.1539858797], 1e-3);
        Assert.Equal(0.283956262, both.LotSpread!.Value, 2e-3);
        Assert.Equal(-52.819844728, both.LogLikelihood!.Value, 1e-5);
    }

    [Fact]
    public void Cold_is_compared_over_what_was_seen_and_the_others_done_against_not_done()
    {
        var fit = TreatmentFit.Fit(Sixteen);
        var (cold, scarified, soaked) = (fit.Effects[0], fit.Effects[1], fit.Effects[2]);
        Assert.Equal((0, 90), (cold.From, cold.To));
        Assert.Equal((8, 8), (scarified.With, scarified.Without));
        Assert.True(cold.Low > 0 && scarified.Low > 0, "cold and scarifying bring more up in these batches");
        Assert.True(soaked.Low < 0 && soaked.High > 0, "of soaking they do not tell");
        Assert.InRange(scarified.Difference, scarified.Low, scarified.High);
    }

    [Fact]
    public void What_always_went_together_is_one_effect()
    {
        var fit = TreatmentFit.Fit([
            .. Rows.Select(r => Batch($"{r.Lot}", r.Sown, r.Up, r.Cold, r.Scarified, r.Scarified, 1 - r.Scarified)),
        ]);
        Assert.Equal(
            [new(TreatmentFactor.Scarified), new(TreatmentFactor.Soaked), new(TreatmentFactor.Light, Reversed: true)],
            fit.Effects[1].Factors
        );
        Assert.Equal(2, fit.Effects.Count);
    }

    [Fact]
    public void What_hardly_differed_is_not_told_and_the_reason_is()
    {
        var fit = TreatmentFit.Fit([.. Sixteen.Select((b, i) => i > 0 ? b : Batch(b.Lot, b.Sown, b.Emerged, 0, 0, 0, light: 1))]);
        Assert.Equal("only one batch had it", fit.Silent.Single(s => s.Factor == TreatmentFactor.Light).Why);
        Assert.Equal("no batch had it", fit.Silent.Single(s => s.Factor == TreatmentFactor.Outdoors).Why);
        Assert.Contains("same age", fit.Silent.Single(s => s.Factor == TreatmentFactor.SeedAge).Why);
        Assert.Empty(TreatmentFit.Fit([.. Sixteen.Take(5)]).Effects);
    }

    [Fact]
    public void A_batch_whose_treatment_is_not_on_record_in_full_is_left_out()
    {
        var unknown = new TreatedBatch("1", 500, 500, new Dictionary<TreatmentFactor, double> { [TreatmentFactor.Cold] = 0 });
        var (with, without) = (TreatmentFit.Fit([.. Sixteen, unknown]), TreatmentFit.Fit(Sixteen));
        Assert.Equal(without.LogLikelihood, with.LogLikelihood);
        Assert.Contains("1 left out", with.Working[0]);
    }

    [Fact]
    public void Where_all_or_none_came_up_on_one_side_how_much_cannot_be_told()
    {
        var fit = TreatmentFit.Fit([.. Sixteen.Select(b => b.Had[TreatmentFactor.Scarified] > 0 ? b : b with { Emerged = 0 })]);
        Assert.DoesNotContain(fit.Effects, e => e.Factors[0].Factor == TreatmentFactor.Scarified);
        Assert.Contains(fit.Silent, s => s.Factor == TreatmentFactor.Scarified && s.Why.Contains("all or none", StringComparison.Ordinal));
    }
}
