namespace Gassel.Core.Germination;

/// <summary>
/// Fisher's exact test of a two-by-two table, two-sided as GNU R sums it: all tables no likelier than the one seen (Fisher 1935).
/// </summary>
public static class FisherExact
{
    /// <summary>Tables as likely as the one seen to within this share count as ties, as in R.</summary>
    private const double TieTolerance = 1e-7;

    /// <summary>p of a difference at least as unlikely as that between a of n and b of m, margins held; in [0, 1].</summary>
    /// <param name="successes">a, from 0 to <paramref name="trials"/>.</param>
    /// <param name="otherSuccesses">b, from 0 to <paramref name="otherTrials"/>.</param>
    public static double TwoSided(int successes, int trials, int otherSuccesses, int otherTrials)
    {
        var table = new Hypergeometric(trials, otherTrials, successes + otherSuccesses);
        var seen = table.Weight(successes);
        if (seen <= 0)
            return 0;
        double total = 0,
            tail = 0;
        foreach (var weight in table.Weights())
        {
            total += weight;
            if (weight <= seen * (1 + TieTolerance))
                tail += weight;
        }
        return Math.Min(1, tail / total);
    }

    /// <summary>
    /// Power of the test at equal arms, by enumerating every outcome (Fisher p at most <paramref name="alpha"/> rejects). With equal arms
    /// the tables of one margin
    /// are symmetric, so that the p of a table is twice its outer tail.
    /// </summary>
    public static double PowerOfEqualArms(int trials, double rate, double otherRate, double alpha)
    {
        var (first, second) = (BinomialShares(trials, rate), BinomialShares(trials, otherRate));
        double power = 0;
        // sums so far out that both arms together hardly ever give them add nothing
        var (mean, spread) = (trials * (rate + otherRate), Math.Sqrt(trials * ((rate * (1 - rate)) + (otherRate * (1 - otherRate)))));
        var (from, to) = ((int)Math.Max(1, mean - (10 * spread) - 5), (int)Math.Min((2 * trials) - 1, mean + (10 * spread) + 5));
        for (var together = from; together <= to; together++)
        {
            var table = new Hypergeometric(trials, trials, together, alpha * 1e-12);
            var total = table.Weights().Sum();
            double outer = 0;
            for (var x = table.Least; 2 * x < together; x++)
            {
                outer += table.Weight(x);
                if (2 * outer / total > alpha)
                    break;
                power += (first[x] * second[together - x]) + (first[together - x] * second[x]);
            }
        }
        return power;
    }

    private static double[] BinomialShares(int trials, double rate) =>
        [.. Enumerable.Range(0, trials + 1).Select(x => MathNet.Numerics.Distributions.Binomial.PMF(rate, trials, x))];

    /// <summary>
    /// Likelihoods of the tables with given margins relative to the likeliest, by the ratio of neighbours outwards from it; far tails are
    /// 0.
    /// </summary>
    private sealed class Hypergeometric
    {
        /// <summary>Below it a number loses its digits and a processor its pace; such tables add nothing.</summary>
        private const double Tiniest = 1e-290;

        private readonly int _from;
        private readonly double[] _weights;

        /// <param name="smallest">Tables less likely than this, relative to the likeliest, are left out.</param>
        public Hypergeometric(int trials, int otherTrials, int together, double smallest = Tiniest)
        {
            Least = Math.Max(0, together - otherTrials);
            var most = Math.Min(trials, together);
            var mode = Math.Clamp((int)((together + 1.0) * (trials + 1.0) / (trials + otherTrials + 2.0)), Least, most);
            // P(x+1) ÷ P(x)
            double Up(int x) => (double)(trials - x) / (x + 1) * (together - x) / (otherTrials - together + x + 1.0);
            var up = new List<double>();
            for (var (x, w) = (mode, 1.0); x < most && (w *= Up(x)) > smallest; x++)
                up.Add(w);
            var down = new List<double>();
            for (var (x, w) = (mode, 1.0); x > Least && (w /= Up(x - 1)) > smallest; x--)
                down.Add(w);
            down.Reverse();
            (_from, _weights) = (mode - down.Count, [.. down, 1.0, .. up]);
        }

        /// <summary>The least that can be in the first arm.</summary>
        public int Least { get; }

        public double Weight(int x) => x < _from || x >= _from + _weights.Length ? 0 : _weights[x - _from];

        public double[] Weights() => _weights;
    }
}
