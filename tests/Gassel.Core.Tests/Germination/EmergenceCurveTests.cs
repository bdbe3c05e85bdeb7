using CsCheck;
using Gassel.Core.Germination;
using MathNet.Numerics.Distributions;

namespace Gassel.Core.Tests.Germination;

public class EmergenceCurveTests
{
    /// <summary>R 4.2.2, optim on the interval likelihood of docs/calculations.md, "The curve".</summary>
    [Fact]
    public void The_daily_example_fits_as_in_R()
    {
        var curve = EmergenceCurveFit.Fit(50, GerminationIndicesTests.Daily).Curve!;
        Assert.Equal(0.80015, curve.MaxFraction, 5);
        Assert.Equal(6.0513, curve.T50, 4);
        Assert.Equal(10.237, curve.Shape, 3);
        Assert.Equal(-85.5604, curve.LogLikelihood, 4);
        Assert.False(curve.Extrapolated);
    }

    /// <summary>R 4.2.2, as above.</summary>
    [Fact]
    public void The_irregular_example_fits_as_in_R()
    {
        var curve = EmergenceCurveFit.Fit(60, GerminationIndicesTests.Irregular).Curve!;
        Assert.Equal(0.61912, curve.MaxFraction, 5);
        Assert.Equal(12.0279, curve.T50, 4);
        Assert.Equal(5.1727, curve.Shape, 4);
        Assert.Equal(-97.5038, curve.LogLikelihood, 4);
    }

    [Fact]
    public void Seedlings_in_one_count_or_two_neighbours_give_no_curve()
    {
        Assert.Equal(CurveAbsence.TooFewCountsWithSeedlings, EmergenceCurveFit.Fit(20, [new(5, 3), new(9, 0)]).Absence);
        Assert.Equal(CurveAbsence.TooFewCountsWithSeedlings, EmergenceCurveFit.Fit(20, []).Absence);
        Assert.Equal(CurveAbsence.OnlyTwoNeighbouringCounts, EmergenceCurveFit.Fit(20, [new(5, 0), new(7, 3), new(9, 4)]).Absence);
    }

    [Fact]
    public void Rising_counts_that_have_not_levelled_off_are_marked_extrapolated()
    {
        var fit = EmergenceCurveFit.Fit(100, [new(5, 1), new(7, 3), new(9, 9), new(11, 20)]);
        Assert.True(fit.Curve is null or { Extrapolated: true });
    }

    [Fact]
    public void All_seed_up_keeps_the_maximum_at_one()
    {
        var fit = EmergenceCurveFit.Fit(40, [new(4, 5), new(6, 15), new(8, 15), new(12, 5)]);
        Assert.NotNull(fit.Curve);
        Assert.Equal(1, fit.Curve.MaxFraction, 6);
        Assert.True(fit.Curve.Extrapolated);
    }

    /// <summary>No other curve near the fitted one is more likely, over random data.</summary>
    [Fact]
    public void Nothing_near_the_fit_is_more_likely()
    {
        Gen.Select(Gen.Double[0.3, 0.95], Gen.Double[6, 20], Gen.Double[2, 9], Gen.Int[30, 200], Gen.Int[0, 100000])
            .Sample(
                (d, e, b, sown, seed) =>
                {
                    var counts = Simulate(new(d, e, b, 0, false), sown, [4, 7, 10, 12, 14, 17, 21, 28, 40], seed);
                    if (EmergenceCurveFit.Fit(sown, counts).Curve is not { } fit)
                        return;
                    foreach (var (de, db) in new[] { (1.01, 1.0), (0.99, 1.0), (1.0, 1.02), (1.0, 0.98) })
                    {
                        Assert.True(
                            LogLikelihood(fit with { T50 = fit.T50 * de, Shape = fit.Shape * db }, sown, counts) <= fit.LogLikelihood + 1e-7
                        );
                    }
                    Assert.Equal(fit.LogLikelihood, LogLikelihood(fit, sown, counts), 6);
                },
                iter: 60
            );
    }

    /// <summary>
    /// Coverage of the band of the true share, over simulated sowings of several kinds, early, in the middle and late. With 120 of each the
    /// standard
    /// error of a share is 2 points, of all together 0.6: the whole must hold 95 %, no day fewer than 90 %.
    /// </summary>
    [Fact]
    public void The_band_covers_the_truth()
    {
        (EmergenceCurve Truth, int Sown)[] kinds =
        [
            (new(0.7, 12, 5, 0, false), 80),
            (new(0.5, 14, 4, 0, false), 50),
            (new(0.85, 10, 8, 0, false), 60),
        ];
        double[] at = [8, 10, 12, 16, 24];
        var (all, held) = (0, 0);
        foreach (var day in at)
        {
            var (seen, covered) = (0, 0);
            foreach (var (truth, sown) in kinds)
            {
                for (var seed = 0; seed < 40; seed++)
                {
                    var counts = Simulate(truth, sown, [5, 7, 8, 9, 10, 11, 12, 13, 14, 16, 18, 20, 23, 26, 30, 34], seed);
                    if (Band(truth, sown, counts, seed) is not { Count: > 0 } band)
                        continue;
                    var point = band.MinBy(p => Math.Abs(p.Day - day));
                    seen++;
                    if (point.Low <= truth.At(point.Day) && truth.At(point.Day) <= point.High)
                        covered++;
                }
            }
            Assert.True(covered >= 0.9 * seen, $"day {day}: {covered} of {seen}");
            (all, held) = (all + seen, held + covered);
        }
        Assert.True(all > 500, $"only {all} bands");
        Assert.InRange((double)held / all, 0.935, 0.985);
    }

    private readonly Dictionary<(EmergenceCurve, int), IReadOnlyList<BandPoint>> _bands = [];

    private IReadOnlyList<BandPoint> Band(EmergenceCurve truth, int sown, List<SeedlingCount> counts, int seed)
    {
        if (_bands.TryGetValue((truth, seed), out var known))
            return known;
        return _bands[(truth, seed)] = EmergenceCurveFit.Fit(sown, counts).Curve is { } fit ? CurveBand.Bootstrap(fit, sown, counts) : [];
    }

    [Fact]
    public void The_same_seed_gives_the_same_band()
    {
        var fit = EmergenceCurveFit.Fit(60, GerminationIndicesTests.Irregular).Curve!;
        var first = CurveBand.Bootstrap(fit, 60, GerminationIndicesTests.Irregular);
        Assert.Equal(first, CurveBand.Bootstrap(fit, 60, GerminationIndicesTests.Irregular));
        Assert.All(first, p => Assert.True(p.Low <= fit.At(p.Day) + 0.05 && p.High >= fit.At(p.Day) - 0.05));
    }

    private static List<SeedlingCount> Simulate(EmergenceCurve truth, int sown, double[] days, int seed)
    {
        var random = new Random(seed);
        var counts = new List<SeedlingCount>();
        double before = 0;
        var left = sown;
        foreach (var day in days)
        {
            var reached = truth.At(day);
            var emerged = Binomial.Sample(random, (reached - before) / (1 - before), left);
            counts.Add(new(day, emerged));
            (before, left) = (reached, left - emerged);
        }
        return counts;
    }

    /// <summary>The likelihood once more, written from its definition.</summary>
    private static double LogLikelihood(EmergenceCurve c, int sown, IReadOnlyList<SeedlingCount> counts)
    {
        static double Share(EmergenceCurve c, double t) => t <= 0 ? 0 : c.MaxFraction / (1 + Math.Pow(c.T50 / t, c.Shape));
        double sum = 0,
            from = 0;
        foreach (var count in counts)
        {
            if (count.Emerged > 0)
                sum += count.Emerged * Math.Log(Share(c, count.Day) - Share(c, from));
            from = count.Day;
        }
        var left = sown - counts.Sum(x => x.Emerged);
        return left == 0 ? sum : sum + left * Math.Log(1 - Share(c, from));
    }
}
