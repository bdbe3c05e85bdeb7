using System.Globalization;
using MathNet.Numerics;
using MathNet.Numerics.Distributions;
using MathNet.Numerics.Integration;

namespace Gassel.Core.Planning;

/// <summary>What is believed of a lot's germination: a rate taken as known, or a test with its own uncertainty.</summary>
public abstract record GerminationBelief
{
    /// <param name="Fraction">In (0, 1].</param>
    public sealed record Known(double Fraction) : GerminationBelief;

    /// <summary>Germination is Beta(germinated + ½, tested − germinated + ½), the Jeffreys posterior.</summary>
    public sealed record Tested(int Germinated, int Seeds) : GerminationBelief;
}

/// <param name="Seeds">Smallest number that reaches the plants with the wanted confidence; null above <see cref="SeedsNeeded.MaxSeeds"/>.</param>
/// <param name="ReachProbability">P(plants or more) with that number of seeds.</param>
/// <param name="ExpectedPlants">Mean number of plants from that number of seeds.</param>
/// <param name="NaiveSeeds">Plants ÷ (observed rate · survival), rounded up: the usual sum, which fails about every second time. Null where the rate is 0.</param>
public sealed record SeedsNeededResult(
    int? Seeds, double? ReachProbability, double? ExpectedPlants, long? NaiveSeeds, IReadOnlyList<string> Working);

/// <summary>How many seeds to start so that enough plants come of them with a stated confidence.</summary>
public static class SeedsNeeded
{
    public const int MaxSeeds = 10_000_000;

    /// <param name="plants">Wanted, at least 1.</param>
    /// <param name="belief">Germination of the lot under the route.</param>
    /// <param name="survival">Share of seedlings that become plants, in (0, 1].</param>
    /// <param name="confidence">Wanted probability of reaching the number, in (0, 1).</param>
    public static SeedsNeededResult For(int plants, GerminationBelief belief, double survival, double confidence)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(plants, 1);
        double Reach(int seeds) => ReachProbability(seeds, plants, belief, survival);

        var rate = ObservedRate(belief);
        long? naive = rate > 0 ? (long)Math.Ceiling(plants / (rate * survival) - 1e-9) : null;
        var seeds = SmallestThat(n => Reach(n) >= confidence, plants);
        var mean = MeanRate(belief) * survival;
        double? reach = seeds is { } n ? Reach(n) : null;
        return new(seeds, reach, seeds * mean, naive, Working(plants, belief, survival, confidence, seeds, reach, naive, Reach));
    }

    /// <summary>P(X ≥ plants), X ~ Binomial(seeds, g·survival), with g integrated over the belief where it is uncertain.</summary>
    public static double ReachProbability(int seeds, int plants, GerminationBelief belief, double survival) => belief switch
    {
        GerminationBelief.Known known => Tail(seeds, plants, known.Fraction * survival),
        GerminationBelief.Tested test => IntegratedTail(seeds, plants, test, survival),
        _ => throw new ArgumentOutOfRangeException(nameof(belief)),
    };

    private static double Tail(int seeds, int plants, double rate)
    {
        if (plants > seeds || rate <= 0) return 0;
        return rate >= 1 ? 1 : SpecialFunctions.BetaRegularized(plants, seeds - plants + 1, rate);
    }

    /// <summary>
    /// With g = sin²θ the Beta density becomes 2·sin^(2a−1)θ·cos^(2b−1)θ ÷ B(a, b), finite at both ends for a, b ≥ ½.
    /// Gauss–Legendre on panels around the mode, where the mass is.
    /// </summary>
    private static double IntegratedTail(int seeds, int plants, GerminationBelief.Tested test, double survival)
    {
        double a = test.Germinated + 0.5, b = test.Seeds - test.Germinated + 0.5;
        var logNorm = Math.Log(2) - (SpecialFunctions.GammaLn(a) + SpecialFunctions.GammaLn(b) - SpecialFunctions.GammaLn(a + b));
        double Integrand(double theta)
        {
            double sin = Math.Sin(theta), cos = Math.Cos(theta);
            var logDensity = logNorm + Power(2 * a - 1, sin) + Power(2 * b - 1, cos);
            return Math.Exp(logDensity) * Tail(seeds, plants, sin * sin * survival);
        }
        static double Power(double exponent, double value) => exponent == 0 ? 0 : exponent * Math.Log(Math.Max(value, 1e-300));

        // θ has standard deviation near 1/(2√(n+1)), so ± 8 of them hold all but 1e-14 of the mass
        var centre = Math.Asin(Math.Sqrt(a / (a + b)));
        var halfWidth = 8 / (2 * Math.Sqrt(test.Seeds + 1.0));
        double low = Math.Max(0, centre - halfWidth), high = Math.Min(Math.PI / 2, centre + halfWidth);
        var sum = 0.0;
        const int panels = 4;
        for (var i = 0; i < panels; i++)
        {
            sum += GaussLegendreRule.Integrate(Integrand, low + (high - low) * i / panels, low + (high - low) * (i + 1) / panels, 64);
        }
        return Math.Min(1, sum);
    }

    private static int? SmallestThat(Func<int, bool> enough, int from)
    {
        long high = from;
        while (!enough((int)high))
        {
            if (high >= MaxSeeds) return null;
            high = Math.Min(MaxSeeds, high * 2);
        }
        long low = Math.Max(from - 1, high / 2 - 1);
        while (high - low > 1)
        {
            var middle = (low + high) / 2;
            if (enough((int)middle)) high = middle;
            else low = middle;
        }
        return (int)high;
    }

    private static double ObservedRate(GerminationBelief belief) => belief switch
    {
        GerminationBelief.Known known => known.Fraction,
        GerminationBelief.Tested test => (double)test.Germinated / test.Seeds,
        _ => throw new ArgumentOutOfRangeException(nameof(belief)),
    };

    private static double MeanRate(GerminationBelief belief) => belief switch
    {
        GerminationBelief.Known known => known.Fraction,
        GerminationBelief.Tested test => (test.Germinated + 0.5) / (test.Seeds + 1.0),
        _ => throw new ArgumentOutOfRangeException(nameof(belief)),
    };

    private static List<string> Working(
        int plants, GerminationBelief belief, double survival, double confidence, int? seeds, double? reach, long? naive, Func<int, double> reachOf)
    {
        var culture = CultureInfo.InvariantCulture;
        var lines = new List<string>
        {
            belief switch
            {
                GerminationBelief.Known k => string.Create(culture, $"Germination taken as {k.Fraction:P0} and survival to a plant as {survival:P0}."),
                GerminationBelief.Tested t => string.Create(culture,
                    $"Germination from a test, {t.Germinated} of {t.Seeds}: uncertain, Beta({t.Germinated + 0.5}, {t.Seeds - t.Germinated + 0.5}); survival to a plant {survival:P0}."),
                _ => throw new ArgumentOutOfRangeException(nameof(belief)),
            },
            string.Create(culture, $"Plants ~ Binomial(seeds, germination × survival); wanted: {plants} or more with probability {confidence:P0}."),
        };
        if (seeds is { } n)
        {
            lines.Add(string.Create(culture, $"{n} seeds reach it with probability {reach:P1}; {n - 1} with {reachOf(n - 1):P1}."));
        }
        else
        {
            lines.Add(string.Create(culture, $"More than {MaxSeeds:N0} seeds would be needed; no number is given."));
        }
        if (naive is { } usual and <= MaxSeeds)
        {
            lines.Add(string.Create(culture, $"The usual sum, plants ÷ rate, gives {usual} seeds and reaches it with probability {reachOf((int)usual):P1} only."));
        }
        return lines;
    }
}
