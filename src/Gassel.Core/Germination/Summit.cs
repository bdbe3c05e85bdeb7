using MathNet.Numerics;
using MathNet.Numerics.LinearAlgebra;
using MathNet.Numerics.Optimization;

namespace Gassel.Core.Germination;

/// <summary>The highest point of a function of several numbers, and how it falls away there.</summary>
internal static class Summit
{
    private const double Step = 1e-4;

    /// <summary>Second differences lose twice the digits.</summary>
    private const double BendStep = 1e-3;

    /// <summary>Of a smooth one, by its slope from one beginning (BFGS).</summary>
    public static double[] Of(Func<double[], double> height, double[] beginning)
    {
        try
        {
            var down = ObjectiveFunction.Gradient(
                v => -height(v.AsArray()),
                v => Vector<double>.Build.Dense(Slope(height, v.ToArray())).Negate()
            );
            var found = new BfgsMinimizer(1e-6, 1e-9, 1e-11, 400).FindMinimum(down, Vector<double>.Build.Dense(beginning));
            return found.MinimizingPoint.ToArray();
        }
        catch (Exception failure) when (failure is OptimizationException or NonConvergenceException)
        {
            return Sought(height, beginning).At;
        }
    }

    /// <summary>Without its slope, from several beginnings (Nelder and Mead).</summary>
    public static (double[] At, double Value) Sought(Func<double[], double> of, params double[][] beginnings)
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

    /// <summary>Second derivatives, by differences.</summary>
    public static Matrix<double> Bend(Func<double[], double> height, double[] at) =>
        Matrix<double>.Build.Dense(at.Length, at.Length, (i, j) =>
        {
            double At(int a, int b)
            {
                var moved = (double[])at.Clone();
                moved[i] += a * BendStep;
                moved[j] += b * BendStep;
                return height(moved);
            }
            return (At(1, 1) - At(1, -1) - At(-1, 1) + At(-1, -1)) / (4 * BendStep * BendStep);
        });

    private static double[] Slope(Func<double[], double> height, double[] at)
    {
        var slope = new double[at.Length];
        for (var i = 0; i < at.Length; i++)
        {
            var (more, less) = ((double[])at.Clone(), (double[])at.Clone());
            more[i] += Step;
            less[i] -= Step;
            slope[i] = (height(more) - height(less)) / (2 * Step);
        }
        return slope;
    }
}
