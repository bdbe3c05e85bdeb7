using MathNet.Numerics;

namespace Gassel.Core.Germination;

/// <summary>
/// What own batches of a species and route make of the expected germination. Each batch has a germination of its own, Beta with mean μ and
/// spread ρ (the correlation of two seeds of one batch); its seeds are binomial. μ begins with the prior, ρ falls off as exp(−ρ/0.1)
/// between its floor and a half; both are integrated on a grid. So a batch of thousands speaks for one batch, not for thousands
/// (docs/calculations.md, "Learning"; our assumption in its numbers).
/// </summary>
/// <param name="PriorMean">What was expected without own batches.</param>
/// <param name="Mean">Expected of a new batch.</param>
/// <param name="Low">Nine new batches in ten have a germination between here and <paramref name="High"/>.</param>
public sealed record LearnedGermination(
    double PriorMean,
    IReadOnlyList<PastBatch> Own,
    double Mean,
    double Low,
    double High,
    IReadOnlyList<string> Working
)
{
    /// <summary>The prior is worth so many seeds, as if they had been one batch's mean.</summary>
    public const double PriorSeeds = 20;

    /// <summary>Until there are <see cref="BatchesForSpread"/> batches, they are not taken to be more alike than this.</summary>
    public const double SpreadFloor = 0.05;
    public const int BatchesForSpread = 5;

    private const double LeastSpread = 0.005;
    private const double MostSpread = 0.5;

    /// <summary>Spreads above it are rare (our assumption).</summary>
    private const double UsualSpread = 0.1;
    private const int Spreads = 20;
    private const double Negligible = 1e-6;
    private const int Means = 100;
    private const int Nodes = 160;

    /// <summary>Germination of a new batch on a grid, with its weights; sums to 1.</summary>
    private double[] Shares { get; init; } = [];
    private double[] Weights { get; init; } = [];

    /// <summary>The predictive distribution of a new batch, to plan with.</summary>
    public GerminationBelief Belief => new GerminationBelief.Learned(Mean, Shares, Weights, Working[0]);

    /// <summary>Share in 0..1 that a new batch stays below with the given probability.</summary>
    public double Quantile(double probability) => QuantileOf(Shares, Weights, probability);

    /// <summary>Between which shares of so many seeds nine batches in ten come up, chance of the seeds included.</summary>
    /// <param name="seeds">At least 1.</param>
    public FractionInterval Predict(int seeds) => new((double)Fewest(seeds, 0.05) / seeds, (double)Fewest(seeds, 0.95) / seeds);

    /// <summary>
    /// The least number of seedlings that a new batch of so many seeds does not pass with at least the given probability.
    /// </summary>
    private int Fewest(int seeds, double probability)
    {
        var (low, high) = (0, seeds);
        while (low < high)
        {
            var middle = low + ((high - low) / 2);
            if (NoMoreThan(middle, seeds) >= probability)
                high = middle;
            else
                low = middle + 1;
        }
        return low;
    }

    private double NoMoreThan(int seedlings, int seeds)
    {
        double sum = 0;
        for (var i = 0; i < Shares.Length; i++)
        {
            if (Weights[i] > 1e-9)
                sum += Weights[i] * MathNet.Numerics.Distributions.Binomial.CDF(Shares[i], seeds, seedlings);
        }
        return sum;
    }

    /// <param name="priorMean">In (0, 1).</param>
    /// <param name="own">Finished batches of the species and route; may be empty, and then a new batch is as uncertain as the prior and the
    /// floor of the spread.</param>
    /// <param name="priorSeeds">What the prior is worth; above 0.</param>
    public static LearnedGermination From(double priorMean, IReadOnlyList<PastBatch> own, double priorSeeds = PriorSeeds)
    {
        var prior = Math.Clamp(priorMean, 0.01, 0.99);
        var floor = own.Count < BatchesForSpread ? SpreadFloor : LeastSpread;
        var spreads = Enumerable.Range(0, Spreads).Select(i => floor + ((MostSpread - floor) * (i + 0.5) / Spreads)).ToArray();
        var means = Enumerable.Range(0, Means).Select(i => (i + 0.5) / Means).ToArray();
        var logs = new double[Means, Spreads];
        var highest = double.NegativeInfinity;
        for (var m = 0; m < Means; m++)
        {
            var logPrior = (((prior * priorSeeds) - 1) * Math.Log(means[m])) + ((((1 - prior) * priorSeeds) - 1) * Math.Log(1 - means[m]));
            for (var s = 0; s < Spreads; s++)
            {
                var k = (1 / spreads[s]) - 1;
                logs[m, s] = logPrior - (spreads[s] / UsualSpread) + own.Sum(b => LogLikelihood(b, means[m] * k, (1 - means[m]) * k));
                highest = Math.Max(highest, logs[m, s]);
            }
        }
        return Predictive(prior, priorSeeds, own, means, spreads, logs, highest);
    }

    private static LearnedGermination Predictive(
        double prior,
        double priorSeeds,
        IReadOnlyList<PastBatch> own,
        double[] means,
        double[] spreads,
        double[,] logs,
        double highest
    )
    {
        // germination as sin² of an angle: evenly laid angles are dense at both ends, where a Beta may pile up
        var angles = Enumerable.Range(0, Nodes).Select(i => Math.PI / 2 * (i + 0.5) / Nodes).ToArray();
        var shares = angles.Select(a => Math.Sin(a) * Math.Sin(a)).ToArray();
        var (logSin, logCos) = (angles.Select(a => Math.Log(Math.Sin(a))).ToArray(), angles.Select(a => Math.Log(Math.Cos(a))).ToArray());
        var weights = new double[Nodes];
        double total = 0,
            mean = 0;
        for (var m = 0; m < means.Length; m++)
        {
            for (var s = 0; s < spreads.Length; s++)
            {
                var weight = Math.Exp(logs[m, s] - highest);
                if (weight < Negligible)
                    continue;
                total += weight;
                mean += weight * means[m];
                var k = (1 / spreads[s]) - 1;
                var (a, b) = (means[m] * k, (1 - means[m]) * k);
                var logNorm = SpecialFunctions.GammaLn(a) + SpecialFunctions.GammaLn(b) - SpecialFunctions.GammaLn(a + b);
                for (var i = 0; i < Nodes; i++)
                    weights[i] += weight * Math.Exp((((2 * a) - 1) * logSin[i]) + (((2 * b) - 1) * logCos[i]) - logNorm);
            }
        }
        var sum = weights.Sum();
        for (var i = 0; i < Nodes; i++)
            weights[i] /= sum;
        var (low, high) = (QuantileOf(shares, weights, 0.05), QuantileOf(shares, weights, 0.95));
        return new(prior, own, mean / total, low, high, Explain(prior, priorSeeds, own, mean / total, low, high))
        {
            Shares = shares,
            Weights = weights,
        };
    }

    private static double QuantileOf(double[] shares, double[] weights, double probability)
    {
        double below = 0;
        for (var i = 0; i < shares.Length; i++)
        {
            below += weights[i];
            if (below >= probability)
                return shares[i];
        }
        return 1;
    }

    /// <summary>Of what is known of the batch: its number, or that it was so many at least.</summary>
    private static double LogLikelihood(PastBatch batch, double a, double b)
    {
        var log = BetaBinomial(batch, a, b);
        if (!batch.AtLeast)
            return log;
        // ln of the sum over all numbers from there up, each term from the one before
        double term = 1,
            sum = 1;
        for (double j = batch.Germinated, n = batch.Seeds; j < n; j++)
        {
            term *= (n - j) / (j + 1) * (j + a) / (n - j - 1 + b);
            sum += term;
        }
        return log + Math.Log(sum);
    }

    /// <summary>Without the binomial coefficient, which is the same for every μ and ρ.</summary>
    private static double BetaBinomial(PastBatch batch, double a, double b) =>
        SpecialFunctions.GammaLn(batch.Germinated + a)
        + SpecialFunctions.GammaLn(batch.Seeds - batch.Germinated + b)
        - SpecialFunctions.GammaLn(batch.Seeds + a + b)
        - SpecialFunctions.GammaLn(a)
        - SpecialFunctions.GammaLn(b)
        + SpecialFunctions.GammaLn(a + b);

    private static List<string> Explain(double prior, double priorSeeds, IReadOnlyList<PastBatch> own, double mean, double low, double high)
    {
        var lines = new List<string>
        {
            own.Count == 0
                ? Text.Of($"No finished batch of your own by this route: {prior:P0} as before, worth {priorSeeds:0} seeds.")
                : Text.Of(
                    $"Own results: {own.Sum(b => (long)b.Germinated)} of {own.Sum(b => (long)b.Seeds)} came up in "
                        + $"{own.Count} {(own.Count == 1 ? "batch" : "batches")} of this route."
                ),
            Text.Of($"Expected before them {prior:P0}, worth {priorSeeds:0} seeds; with them {mean:P0}."),
            Text.Of($"Batches differ: nine new batches in ten are expected between {low:P0} and {high:P0}."),
        };
        if (own.Count(b => b.AtLeast) is > 0 and var some)
        {
            lines.Add(
                Text.Of(
                    $"{some} of them {(some == 1 ? "was" : "were")} last counted while more could come up: what was "
                        + $"counted is a lower bound."
                )
            );
        }
        if (own.Count is > 0 and < BatchesForSpread)
        {
            lines.Add(
                Text.Of(
                    $"Fewer than {BatchesForSpread} batches: they are not taken to be more alike than a spread of "
                        + $"{SpreadFloor} (our assumption), however many seeds they held."
                )
            );
        }
        lines.Add("Beta-binomial with a spread between batches, on a grid; it assumes that the next batch is like those before it.");
        return lines;
    }
}
