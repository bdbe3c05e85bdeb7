using MathNet.Numerics.Distributions;

namespace Gassel.Core.Germination;

/// <summary>Confidence intervals for a share counted in whole seeds. Exactly 0 at none and 1 at all.</summary>
public static class Proportion
{
    /// <summary>Score interval (Wilson 1927).</summary>
    public static FractionInterval Wilson(int successes, int trials, double confidence)
    {
        double n = trials,
            p = successes / n;
        var z = Normal.InvCDF(0, 1, 1 - (1 - confidence) / 2);
        var centre = p + z * z / (2 * n);
        var half = z * Math.Sqrt(p * (1 - p) / n + z * z / (4 * n * n));
        var scale = 1 + z * z / n;
        return new(successes == 0 ? 0 : (centre - half) / scale, successes == trials ? 1 : (centre + half) / scale);
    }

    /// <summary>Exact interval (Clopper &amp; Pearson 1934), from Beta quantiles.</summary>
    public static FractionInterval Exact(int successes, int trials, double confidence)
    {
        var tail = (1 - confidence) / 2;
        return new(
            successes == 0 ? 0 : Beta.InvCDF(successes, trials - successes + 1, tail),
            successes == trials ? 1 : Beta.InvCDF(successes + 1, trials - successes, 1 - tail)
        );
    }
}
