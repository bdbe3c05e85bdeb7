using MathNet.Numerics.LinearAlgebra;

namespace Gassel.Core.Germination;

/// <summary>
/// Fits when a species comes up by warmth (thermal time of Garcia-Huidobro, Monteith and Squire 1982; log-logistic, one base for all
/// sowings of the species, each sowing with its own half) to counts and temperatures: the highest point of likelihood and prior, and its
/// curvature there.
/// </summary>
public static class WarmthFit
{
    /// <summary>So far below the optimum at least, K: a base at it would leave nothing.</summary>
    private const double BelowOptimumK = 2;

    /// <summary>Kept from running off, of the logarithm of the shape and of the spread.</summary>
    private const double MostLogShape = 4.5;
    private const double LeastLogSpread = -7;
    private const double MostLogSpread = 1;

    /// <summary>Null where nothing came up in any of them, or the numbers have no highest point.</summary>
    /// <param name="near">Where the highest point is sought first: what was fitted to nearly the same.</param>
    public static WarmthLearned? Fit(IReadOnlyList<WarmSowing> sowings, WarmthPrior prior, WarmthLearned? near = null)
    {
        if (sowings.Sum(s => s.Seedlings) == 0)
            return null;
        var likelihood = new WarmthLikelihood(sowings, prior.Rate);
        var highest = (prior.Rate.OptimumC ?? double.PositiveInfinity) - BelowOptimumK;
        double Height(double[] at) =>
            at[0] >= highest || at[2] > MostLogShape || at[3] is < LeastLogSpread or > MostLogSpread
                ? double.NegativeInfinity
                : likelihood.Log(at[0], at[1], Math.Exp(at[2]), Math.Exp(at[3])) + prior.Log(at[0], at[1], at[2], Math.Exp(at[3]));
        var at = Summit.Of(
            Height,
            near is null
                ? [prior.Rate.BaseC, prior.LogHalf, prior.LogShape, Math.Log(WarmthPrior.SpreadScale)]
                : [near.Rate.BaseC, Math.Log(near.Half), Math.Log(near.Shape), Math.Log(near.Spread)]
        );
        if (!double.IsFinite(Height(at)) || Spread(Height, at) is not { } covariance)
            return null;
        return new(
            prior.Rate with
            {
                BaseC = at[0],
            },
            Math.Exp(at[1]),
            Math.Exp(at[2]),
            Math.Exp(at[3]),
            sowings.Count,
            sowings.Sum(s => s.Seedlings),
            Math.Sqrt(covariance[0, 0]),
            Math.Sqrt(covariance[1, 1]),
            covariance[0, 1]
        );
    }

    /// <summary>From the bend at the highest point; null where it does not fall away on all sides.</summary>
    private static Matrix<double>? Spread(Func<double[], double> height, double[] at)
    {
        var bend = Summit.Bend(height, at);
        if (bend.Enumerate().Any(b => !double.IsFinite(b)))
            return null;
        var covariance = bend.Negate().Inverse();
        return covariance.Enumerate().All(double.IsFinite) && covariance.Diagonal().All(v => v > 0) ? covariance : null;
    }
}
