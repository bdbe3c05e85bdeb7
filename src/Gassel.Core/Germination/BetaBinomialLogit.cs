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
            sum += BetaBinomial.Log(batch.Sown, batch.Emerged, _constants[i], level + slope * (batch.ColdDays - Middle) / Spread, rho);
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
}
