using MathNet.Numerics.Distributions;

namespace Gassel.Core.Planning;

/// <summary>What stands when containers are lost whole, each on its own.</summary>
internal static class ContainerLoss
{
    /// <summary>Chances below this are left out of the sum.</summary>
    private const double Negligible = 1e-12;

    /// <summary>
    /// Units spread evenly over the containers, the first ones taking one more where it does not divide: how many are left, with
    /// its probability.
    /// </summary>
    public static IReadOnlyList<(int Units, double Probability)> UnitsLeft(int units, double lossShare, int containers)
    {
        if (lossShare <= 0)
            return [(units, 1)];
        var (each, larger) = Math.DivRem(units, containers);
        var left = new List<(int, double)>();
        for (var fullLarger = 0; fullLarger <= larger; fullLarger++)
        {
            var first = Standing(fullLarger, larger, lossShare);
            if (first < Negligible)
                continue;
            for (var full = 0; full <= containers - larger; full++)
            {
                var probability = first * Standing(full, containers - larger, lossShare);
                if (probability >= Negligible)
                    left.Add((fullLarger * (each + 1) + full * each, probability));
            }
        }
        return left;
    }

    private static double Standing(int full, int of, double lossShare) => of == 0 ? 1 : Binomial.PMF(1 - lossShare, of, full);
}
