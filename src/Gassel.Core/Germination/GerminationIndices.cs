namespace Gassel.Core.Germination;

/// <summary>
/// Times are in days since sowing, rates per day. Null where a value does not exist: no time before the first seedling, no
/// variance of one seedling.
/// </summary>
/// <param name="T50Coolbear">Time of the (N+1)/2-th seedling (Coolbear, Francis &amp; Grierson 1984).</param>
/// <param name="T50Farooq">Time of N/2 seedlings (Farooq et al. 2005).</param>
/// <param name="MeanTime">Σnt/N (Ranal &amp; Santana 2006).</param>
/// <param name="Speed">Σn/t (Maguire 1962).</param>
/// <param name="Synchrony">ΣC(n,2)/C(N,2) (Ranal &amp; Santana 2006).</param>
/// <param name="UncertaintyBits">−Σf log₂ f (Ranal &amp; Santana 2006).</param>
/// <param name="PeakValue">Largest of percent emerged ÷ days (Czabator 1962).</param>
/// <param name="GerminationValue">Peak value × mean daily percent at the last count (Czabator 1962).</param>
public sealed record GerminationIndices(
    double? FirstDay,
    double? LastDay,
    double? T10,
    double? T25,
    double? T50Farooq,
    double? T50Coolbear,
    double? T75,
    double? T90,
    double? MeanTime,
    double? TimeVariance,
    double? MeanRate,
    double? CoefficientOfVelocity,
    double Speed,
    double? Synchrony,
    double? UncertaintyBits,
    double? Uniformity,
    double? PeakValue,
    double? GerminationValue
)
{
    /// <param name="sown">Seeds sown, at least 1 and at least the sum of the counts.</param>
    /// <param name="counts">In order of strictly increasing day; may be empty.</param>
    public static GerminationIndices From(int sown, IReadOnlyList<SeedlingCount> counts)
    {
        var up = counts.Where(c => c.Emerged > 0).ToList();
        var total = up.Sum(c => c.Emerged);
        var peak = Peak(sown, counts);
        // mean daily percent needs a day to divide by: a lone zero count on day 0 has none
        double? germinationValue =
            counts.Count > 0 && counts[^1].Day > 0 ? peak * 100 * total / sown / counts[^1].Day
            : counts.Count > 0 ? 0
            : null;
        if (total == 0)
        {
            return new(null, null, null, null, null, null, null, null, null, null, null, null, 0, null, null, null, peak, germinationValue);
        }

        double Reached(double seedlings) => TimeOf(seedlings, counts);
        double n = total;
        var mean = up.Sum(c => c.Emerged * c.Day) / n;
        double t25 = Reached(0.25 * n),
            t75 = Reached(0.75 * n);
        return new(
            up[0].Day,
            up[^1].Day,
            Reached(0.10 * n),
            t25,
            Reached(0.50 * n),
            Reached((n + 1) / 2),
            t75,
            Reached(0.90 * n),
            mean,
            total > 1 ? up.Sum(c => c.Emerged * (c.Day - mean) * (c.Day - mean)) / (n - 1) : null,
            1 / mean,
            100 / mean,
            up.Sum(c => c.Emerged / c.Day),
            total > 1 ? up.Sum(c => c.Emerged * (c.Emerged - 1.0) / 2) / (n * (n - 1) / 2) : null,
            Math.Max(0, -up.Sum(c => c.Emerged / n * Math.Log2(c.Emerged / n))),
            t75 - t25,
            peak,
            germinationValue
        );
    }

    private static double? Peak(int sown, IReadOnlyList<SeedlingCount> counts)
    {
        if (counts.Count == 0)
            return null;
        double peak = 0,
            cumulative = 0;
        foreach (var count in counts.Where(c => c.Day > 0))
        {
            cumulative += count.Emerged;
            peak = Math.Max(peak, 100 * cumulative / sown / count.Day);
        }
        return peak;
    }

    /// <summary>Linear between count days from (0, 0); where the count stands still, the earliest day.</summary>
    private static double TimeOf(double seedlings, IReadOnlyList<SeedlingCount> counts)
    {
        double day = 0,
            cumulative = 0;
        foreach (var count in counts)
        {
            var next = cumulative + count.Emerged;
            // the tolerance keeps 0.1·N on a whole number from missing its day by a rounding error
            if (next >= seedlings - 1e-9)
            {
                return day + (count.Day - day) * Math.Clamp((seedlings - cumulative) / count.Emerged, 0, 1);
            }
            (day, cumulative) = (count.Day, next);
        }
        return day;
    }
}
