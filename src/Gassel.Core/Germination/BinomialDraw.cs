using MathNet.Numerics.Distributions;

namespace Gassel.Core.Germination;

/// <summary>
/// A binomial number at a cost that does not grow with the trials; the library's own sampler throws a coin for each of them.
/// </summary>
public static class BinomialDraw
{
    /// <summary>From so many expected of both kinds on, the normal distribution with a continuity correction stands in.</summary>
    private const double Many = 400;

    /// <summary>A chance so small shows in no draw, and 1 less it is 1 to a computer.</summary>
    private const double Never = 1e-12;

    /// <param name="chance">0..1.</param>
    public static int Of(Random random, int trials, double chance)
    {
        if (trials <= 0 || !(chance > Never))
            return 0;
        if (chance >= 1)
            return trials;
        if (chance > 0.5)
            return trials - Of(random, trials, 1 - chance);
        var mean = trials * chance;
        if (mean >= Many)
            return (int)Math.Clamp(Math.Round(Normal.Sample(random, mean, Math.Sqrt(mean * (1 - chance)))), 0, trials);
        // waiting times between successes are geometric
        var never = Math.Log(1 - chance);
        var successes = -1;
        for (double at = 0; at <= trials; successes++)
            at += Math.Floor(Math.Log(1 - random.NextDouble()) / never) + 1;
        return successes;
    }
}
