using MathNet.Numerics.LinearAlgebra;
using MathNet.Numerics.Optimization;

namespace Gassel.Core.Germination;

public static class EmergenceCurveFit
{
    /// <summary>Steeper than this the counts hold no information on the slope.</summary>
    private const double SteepestShape = 50;

    /// <param name="sown">Seeds sown.</param>
    /// <param name="counts">In order of strictly increasing day; zero counts narrow the intervals and belong in.</param>
    public static CurveFit Fit(int sown, IReadOnlyList<SeedlingCount> counts)
    {
        var withSeedlings = Enumerable.Range(0, counts.Count).Where(i => counts[i].Emerged > 0).ToList();
        if (withSeedlings.Count < 2)
            return new(null, CurveAbsence.TooFewCountsWithSeedlings);
        if (withSeedlings.Count == 2 && withSeedlings[1] == withSeedlings[0] + 1)
            return new(null, CurveAbsence.OnlyTwoNeighbouringCounts);

        var likelihood = new IntervalLikelihood(sown, counts);
        var best = Maximise(likelihood, Start(sown, counts));
        if (best is null)
            return new(null, CurveAbsence.NotIdentified);
        var (logT50, logShape) = (best[0], best[1]);
        var shape = Math.Exp(logShape);
        if (shape > SteepestShape)
            return new(null, CurveAbsence.TooSteep);
        if (!InformationIsPositive(likelihood, logT50, logShape))
            return new(null, CurveAbsence.NotIdentified);

        var d = likelihood.BestMaxFraction(logT50, shape);
        var t50 = Math.Exp(logT50);
        return new(new(d, t50, shape, likelihood.Log(logT50, logShape), d >= 1 - 1e-9 || t50 > counts[^1].Day), null);
    }

    private static Vector<double> Start(int sown, IReadOnlyList<SeedlingCount> counts)
    {
        var indices = GerminationIndices.From(sown, counts);
        // logit(0.9) − logit(0.1) = 4.394 over the logarithm of the times
        var spread = Math.Max(0.05, Math.Log(indices.T90!.Value / Math.Max(indices.T10!.Value, 1e-3)));
        return Vector<double>.Build.Dense([Math.Log(indices.T50Farooq!.Value), Math.Log(Math.Clamp(4.394 / spread, 0.5, 40))]);
    }

    /// <summary>Simplex search, started a second time from where it ended so that a collapsed simplex is no optimum.</summary>
    private static Vector<double>? Maximise(IntervalLikelihood likelihood, Vector<double> start)
    {
        var objective = ObjectiveFunction.Value(v => -likelihood.Log(v[0], v[1]));
        try
        {
            var solver = new NelderMeadSimplex(1e-10, 2000);
            var first = solver.FindMinimum(objective, start, Vector<double>.Build.Dense([0.1, 0.2])).MinimizingPoint;
            return solver.FindMinimum(objective, first, Vector<double>.Build.Dense([0.01, 0.02])).MinimizingPoint;
        }
        catch (Exception failure) when (failure is OptimizationException or MathNet.Numerics.NonConvergenceException)
        {
            return null;
        }
    }

    /// <summary>Observed information in (ln e, ln b), with d profiled out, by central differences.</summary>
    private static bool InformationIsPositive(IntervalLikelihood likelihood, double x, double y)
    {
        const double h = 1e-3;
        double F(double i, double j) => -likelihood.Log(x + i * h, y + j * h);
        var xx = (F(1, 0) - 2 * F(0, 0) + F(-1, 0)) / (h * h);
        var yy = (F(0, 1) - 2 * F(0, 0) + F(0, -1)) / (h * h);
        var xy = (F(1, 1) - F(1, -1) - F(-1, 1) + F(-1, -1)) / (4 * h * h);
        return xx > 1e-6 && xx * yy - xy * xy > 1e-6 * xx;
    }

    /// <summary>Likelihood of interval-censored emergence with the best d for any e and b: min(1, N / (sown·G(last))).</summary>
    private sealed class IntervalLikelihood
    {
        private readonly int _sown;
        private readonly int _emerged;
        private readonly double _lastDay;
        private readonly (double From, double To, int Emerged)[] _intervals;

        public IntervalLikelihood(int sown, IReadOnlyList<SeedlingCount> counts)
        {
            _sown = sown;
            _emerged = counts.Sum(c => c.Emerged);
            _lastDay = counts[^1].Day;
            _intervals = counts.Select((c, i) => (i == 0 ? 0 : counts[i - 1].Day, c.Day, c.Emerged)).Where(i => i.Emerged > 0).ToArray();
        }

        public double BestMaxFraction(double logT50, double shape) =>
            Math.Min(1, _emerged / (_sown * EmergenceCurve.Reached(_lastDay, logT50, shape)));

        public double Log(double logT50, double logShape)
        {
            var shape = Math.Exp(logShape);
            var d = BestMaxFraction(logT50, shape);
            var sum = 0.0;
            foreach (var (from, to, emerged) in _intervals)
            {
                var share = d * (EmergenceCurve.Reached(to, logT50, shape) - EmergenceCurve.Reached(from, logT50, shape));
                sum += emerged * Math.Log(Math.Max(share, 1e-300));
            }
            var left = _sown - _emerged;
            if (left > 0)
                sum += left * Math.Log(Math.Max(1 - d * EmergenceCurve.Reached(_lastDay, logT50, shape), 1e-300));
            return double.IsFinite(sum) ? sum : -1e12;
        }
    }
}
