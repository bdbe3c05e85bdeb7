using MathNet.Numerics;
using MathNet.Numerics.LinearAlgebra;

namespace Gassel.Core.Germination;

/// <summary>
/// Likelihood of batches whose mean follows their treatments on the logit, whose seeds are alike within a batch (beta-binomial), and whose
/// lots lie apart by a normal spread, integrated over by Gauss–Hermite quadrature about the highest point of each (Golub and Welsch 1969;
/// Liu and Pierce 1994; both from memory).
/// </summary>
internal sealed class TreatedLikelihood
{
    private const int Nodes = 15;

    private const int NewtonSteps = 12;

    private const double Step = 1e-3;

    private static readonly (double At, double LogWeight)[] Normal = Hermite();

    private readonly double[][] _treated;
    private readonly (int Sown, int Emerged, double Constant)[] _seen;
    private readonly int[][] _lots;

    /// <param name="treated">Of each batch 1 and then its factors, of comparable size.</param>
    public TreatedLikelihood(IReadOnlyList<TreatedBatch> batches, double[][] treated)
    {
        _treated = treated;
        _seen = [.. batches.Select(b => (b.Sown, b.Emerged, SpecialFunctions.BinomialLn(b.Sown, b.Emerged)))];
        _lots = [.. batches.Select((b, i) => (b.Lot, i)).GroupBy(x => x.Lot, x => x.i).Select(g => g.ToArray())];
    }

    /// <param name="effects">Intercept first, then one for each factor.</param>
    /// <param name="rho">0 for the binomial.</param>
    /// <param name="spread">Of lots; 0 where they are alike.</param>
    public double Log(ReadOnlySpan<double> effects, double rho, double spread)
    {
        var logits = new double[_seen.Length];
        for (var i = 0; i < logits.Length; i++)
        {
            for (var k = 0; k < effects.Length; k++)
                logits[i] += effects[k] * _treated[i][k];
        }
        var sum = 0.0;
        foreach (var lot in _lots)
            sum += spread == 0 ? Of(lot, logits, rho, 0) : OverTheLot(lot, logits, rho, spread);
        return sum;
    }

    private double OverTheLot(int[] lot, double[] logits, double rho, double spread)
    {
        double Height(double apart) => Of(lot, logits, rho, apart) - apart * apart / (2 * spread * spread);
        // about the highest point, in the width that it has there: many seeds leave little room
        var (top, bend) = (0.0, 1 / (spread * spread));
        for (var i = 0; i < NewtonSteps; i++)
        {
            var (less, here, more) = (Height(top - Step), Height(top), Height(top + Step));
            var curved = (2 * here - less - more) / (Step * Step);
            bend = curved > 0 ? curved : 1 / (spread * spread);
            var move = Math.Clamp((more - less) / (2 * Step) / bend, -2, 2);
            top += move;
            if (Math.Abs(move) < 1e-7)
                break;
        }
        var width = 1 / Math.Sqrt(bend);
        Span<double> each = stackalloc double[Nodes];
        var most = double.NegativeInfinity;
        for (var n = 0; n < Nodes; n++)
        {
            var (at, logWeight) = Normal[n];
            each[n] = logWeight + at * at / 2 + Height(top + width * at);
            most = Math.Max(most, each[n]);
        }
        var sum = 0.0;
        foreach (var log in each)
            sum += Math.Exp(log - most);
        return most + Math.Log(sum * width / spread);
    }

    private double Of(int[] lot, double[] logits, double rho, double apart)
    {
        var sum = 0.0;
        foreach (var i in lot)
            sum += BetaBinomial.Log(_seen[i].Sown, _seen[i].Emerged, _seen[i].Constant, logits[i] + apart, rho);
        return sum;
    }

    /// <summary>Where a standard normal is asked, and the logarithm of how much each answer counts.</summary>
    private static (double, double)[] Hermite()
    {
        var matrix = Matrix<double>.Build.Dense(Nodes, Nodes);
        for (var k = 1; k < Nodes; k++)
            matrix[k, k - 1] = matrix[k - 1, k] = Math.Sqrt(k);
        var found = matrix.Evd(Symmetricity.Symmetric);
        return [.. Enumerable.Range(0, Nodes).Select(k => (found.EigenValues[k].Real, 2 * Math.Log(Math.Abs(found.EigenVectors[0, k]))))];
    }
}
