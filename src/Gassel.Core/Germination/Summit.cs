using MathNet.Numerics.LinearAlgebra;
using MathNet.Numerics.Optimization;

namespace Gassel.Core.Germination;

/// <summary>The highest point of a smooth function of several numbers, and how it falls away there.</summary>
internal static class Summit
{
    private const double Step = 1e-4;

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
        catch (Exception failure) when (failure is OptimizationException or MathNet.Numerics.NonConvergenceException)
        {
            return BetaBinomialLogit.Highest(height, beginning).At;
        }
    }

    /// <summary>Second derivatives, by differences.</summary>
    public static Matrix<double> Bend(Func<double[], double> height, double[] at) =>
        Matrix<double>.Build.Dense(at.Length, at.Length, (i, j) =>
        {
            double At(int a, int b)
            {
                var moved = (double[])at.Clone();
                moved[i] += a * Step * 10;
                moved[j] += b * Step * 10;
                return height(moved);
            }
            return (At(1, 1) - At(1, -1) - At(-1, 1) + At(-1, -1)) / (400 * Step * Step);
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
