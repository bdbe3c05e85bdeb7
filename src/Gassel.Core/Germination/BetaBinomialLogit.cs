using MathNet.Numerics;
using MathNet.Numerics.LinearAlgebra;
using MathNet.Numerics.Optimization;

namespace Gassel.Core.Germination;

/// <summary>
/// Likelihood of batches whose mean follows a logistic line and whose seeds are alike within a batch (beta-binomial); without likeness
/// the binomial.
/// </summary>
internal sealed class BetaBinomialLogit
{
    /// <summary>Below it the beta-binomial is the binomial to the last digit.</summary>
    private const double LeastRho = 1e-9;

    /// <summary>A parameter of the beta that would be nought is taken as this.</summary>
    private const double Least = 1e-10;

    /// <summary>Beyond it a mean is none or all, and moves no more.</summary>
    private const double MostLogit = 40;

    private readonly IReadOnlyList<ColdBatch> _batches;
    private readonly double[] _constants;

    public BetaBinomialLogit(IReadOnlyList<ColdBatch> batches)
    {
        _batches = batches;
        _constants = [.. batches.Select(b => SpecialFunctions.BinomialLn(b.Sown, b.Emerged))];
        Middle = batches.Average(b => b.ColdDays);
        Spread = Math.Max(1, Math.Sqrt(batches.Average(b => Math.Pow(b.ColdDays - Middle, 2))));
    }

    /// <summary>Days of cold that are taken as nought while searching.</summary>
    public double Middle { get; }

    /// <summary>Days of cold that are taken as one while searching.</summary>
    public double Spread { get; }

    /// <param name="level">Logit at the middle.</param>
    /// <param name="slope">Of the logit for one spread.</param>
    /// <param name="rho">0 for the binomial.</param>
    public double Log(double level, double slope, double rho)
    {
        var sum = 0.0;
        for (var i = 0; i < _batches.Count; i++)
        {
            var batch = _batches[i];
            var logit = Math.Clamp(level + slope * (batch.ColdDays - Middle) / Spread, -MostLogit, MostLogit);
            // log of the mean and of what is missing to one, without loss at either end
            var (up, down) = (-Log1PExp(-logit), -Log1PExp(logit));
            if (rho < LeastRho)
            {
                sum += _constants[i] + batch.Emerged * up + (batch.Sown - batch.Emerged) * down;
                continue;
            }
            var size = (1 - rho) / rho;
            var (alpha, beta) = (Math.Max(Least, Math.Exp(up) * size), Math.Max(Least, Math.Exp(down) * size));
            sum +=
                _constants[i]
                + SpecialFunctions.BetaLn(batch.Emerged + alpha, batch.Sown - batch.Emerged + beta)
                - SpecialFunctions.BetaLn(alpha, beta);
        }
        return sum;
    }

    /// <summary>The highest of a function of one or more numbers, sought from several beginnings.</summary>
    public static (double[] At, double Value) Highest(Func<double[], double> of, params double[][] beginnings)
    {
        var best = (At: beginnings[0], Value: double.NegativeInfinity);
        foreach (var beginning in beginnings)
        {
            try
            {
                var objective = ObjectiveFunction.Value(v => -Math.Max(of(v.AsArray()), -1e12));
                var solver = new NelderMeadSimplex(1e-9, 3000);
                var step = Vector<double>.Build.Dense(beginning.Length, 0.4);
                var first = solver.FindMinimum(objective, Vector<double>.Build.Dense(beginning), step).MinimizingPoint;
                var found = solver.FindMinimum(objective, first, step * 0.1).MinimizingPoint.ToArray();
                if (of(found) is var value && value > best.Value)
                    best = (found, value);
            }
            catch (Exception failure) when (failure is OptimizationException or NonConvergenceException)
            {
                // another beginning may get there
            }
        }
        return best;
    }

    /// <summary>ln(1 + e^x), without loss where e^x is far above or far below one.</summary>
    private static double Log1PExp(double x) =>
        x switch
        {
            > 30 => x,
            < -30 => Math.Exp(x),
            _ => Math.Log(1 + Math.Exp(x)),
        };
}
