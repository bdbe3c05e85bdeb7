using MathNet.Numerics.Distributions;

namespace Gassel.Core.Germination;

/// <summary>Times to emergence of two arms, of the seedlings that came up.</summary>
/// <param name="Difference">Mean of the first less mean of the second, days.</param>
/// <param name="Low">Welch's interval, days.</param>
/// <param name="RankSumP">Wilcoxon's rank-sum test, normal approximation with corrections for ties and continuity, as R's
/// <c>wilcox.test(exact = FALSE)</c>.</param>
public sealed record TimeDifference(
    string First,
    string Second,
    double Difference,
    double Low,
    double High,
    double RankSumP,
    IReadOnlyList<string> Working
)
{
    /// <summary>Null with fewer than two seedlings in an arm, or where all of both came on one day.</summary>
    /// <param name="confidence">Of the interval, in (0, 1).</param>
    public static TimeDifference? Of(
        string first,
        IReadOnlyList<SeedlingCount> a,
        string second,
        IReadOnlyList<SeedlingCount> b,
        double confidence = 0.95
    )
    {
        var (x, y) = (new Sample(a), new Sample(b));
        if (x.N < 2 || y.N < 2 || RankSum(a, b, x.N, y.N) is not { } p)
            return null;
        var (sx, sy) = (x.Variance / x.N, y.Variance / y.N);
        var freedom = (sx + sy) * (sx + sy) / ((sx * sx / (x.N - 1)) + (sy * sy / (y.N - 1)));
        var half = StudentT.InvCDF(0, 1, freedom, 1 - ((1 - confidence) / 2)) * Math.Sqrt(sx + sy);
        var difference = x.Mean - y.Mean;
        return new(
            first,
            second,
            difference,
            difference - half,
            difference + half,
            p,
            [
                Text.Of(
                    $"Mean time of those that came up: {first} {x.Mean:0.0} days ({x.N} seedlings), {second} {y.Mean:0.0} days ({y.N})."
                ),
                Text.Of(
                    $"Difference {difference:+0.0;−0.0;0.0} days, {confidence:P0} interval "
                        + $"{difference - half:+0.0;−0.0;0.0} to {difference + half:+0.0;−0.0;0.0} (Welch 1947); rank-sum p "
                        + $"{p:0.####} (Wilcoxon 1945)."
                ),
                "A seedling came up some time before the count that found it; arms counted on other days differ by that too.",
            ]
        );
    }

    /// <summary>Null where every seedling has the same day.</summary>
    private static double? RankSum(IReadOnlyList<SeedlingCount> a, IReadOnlyList<SeedlingCount> b, double n, double m)
    {
        double ranks = 0,
            before = 0,
            ties = 0;
        foreach (
            var day in a.Select(c => (c.Day, First: c.Emerged, Both: c.Emerged))
                .Concat(b.Select(c => (c.Day, First: 0, Both: c.Emerged)))
                .GroupBy(c => c.Day)
                .OrderBy(g => g.Key)
        )
        {
            double here = day.Sum(c => c.Both);
            ranks += day.Sum(c => c.First) * (before + ((here + 1) / 2));
            ties += (here * here * here) - here;
            before += here;
        }
        var all = n + m;
        var variance = n * m / 12 * (all + 1 - (ties / (all * (all - 1))));
        if (variance <= 0)
            return null;
        var off = ranks - (n * (n + 1) / 2) - (n * m / 2);
        var z = (off - (Math.Sign(off) * 0.5)) / Math.Sqrt(variance);
        return 2 * Math.Min(Normal.CDF(0, 1, z), Normal.CDF(0, 1, -z));
    }

    /// <summary>The days of the seedlings of one arm.</summary>
    private readonly struct Sample
    {
        public Sample(IReadOnlyList<SeedlingCount> counts)
        {
            N = counts.Sum(c => c.Emerged);
            if (N == 0)
                return;
            var mean = Mean = counts.Sum(c => c.Emerged * c.Day) / N;
            if (N > 1)
                Variance = counts.Sum(c => c.Emerged * (c.Day - mean) * (c.Day - mean)) / (N - 1);
        }

        public double N { get; }
        public double Mean { get; }
        public double Variance { get; }
    }
}
