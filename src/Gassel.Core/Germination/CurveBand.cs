using MathNet.Numerics.Distributions;
using MathNet.Numerics.Statistics;

namespace Gassel.Core.Germination;

/// <summary>Pointwise 95 % limits of the fitted share emerged on one day.</summary>
public readonly record struct BandPoint(double Day, double Low, double High);

/// <summary>
/// Parametric bootstrap: counts are drawn anew from the fitted curve, fitted again, and the 2.5 % and 97.5 % quantiles taken
/// on each day. Draws that allow no fit are left out. The same seed gives the same band.
/// </summary>
public static class CurveBand
{
    public const int Draws = 200;
    public const int Points = 41;

    /// <summary>Fewer fitted draws than this say nothing reliable; the band is then empty.</summary>
    private const int LeastFitted = 120;

    public static IReadOnlyList<BandPoint> Bootstrap(EmergenceCurve curve, int sown, IReadOnlyList<SeedlingCount> counts, int seed = 20270314)
    {
        var random = new Random(seed);
        var last = counts[^1].Day;
        var days = Enumerable.Range(0, Points).Select(i => last * i / (Points - 1)).ToArray();
        var fits = new List<EmergenceCurve>(Draws);
        for (var draw = 0; draw < Draws; draw++)
        {
            if (EmergenceCurveFit.Fit(sown, Draw(curve, sown, counts, random)).Curve is { } fitted) fits.Add(fitted);
        }
        if (fits.Count < LeastFitted) return [];
        return days.Select(day =>
        {
            var values = fits.Select(f => f.At(day)).ToArray();
            return new BandPoint(day,
                Statistics.QuantileCustom(values, 0.025, QuantileDefinition.R7),
                Statistics.QuantileCustom(values, 0.975, QuantileDefinition.R7));
        }).ToList();
    }

    /// <summary>Multinomial draw over the count intervals, one conditional binomial after the other.</summary>
    private static List<SeedlingCount> Draw(EmergenceCurve curve, int sown, IReadOnlyList<SeedlingCount> counts, Random random)
    {
        var drawn = new List<SeedlingCount>(counts.Count);
        int left = sown;
        double before = 0;
        foreach (var count in counts)
        {
            var reached = curve.At(count.Day);
            var chance = Math.Clamp((reached - before) / Math.Max(1 - before, 1e-12), 0, 1);
            var emerged = left == 0 ? 0 : Binomial.Sample(random, chance, left);
            drawn.Add(new(count.Day, emerged));
            left -= emerged;
            before = reached;
        }
        return drawn;
    }
}
