using System.Globalization;
using MathNet.Numerics;
using MathNet.Numerics.Integration;

namespace Gassel.Core.Planning;

/// <summary>What is believed of a lot's germination: a rate taken as known, or a test with its own uncertainty.</summary>
public abstract record GerminationBelief
{
    /// <summary>The rate that the usual sum would use.</summary>
    public abstract double ObservedRate { get; }

    public abstract string Words { get; }

    /// <summary>Mean of a function of the germination g over the belief.</summary>
    public abstract double Mean(Func<double, double> of);

    /// <param name="Fraction">In (0, 1].</param>
    public sealed record Known(double Fraction) : GerminationBelief
    {
        public override double ObservedRate => Fraction;

        public override string Words => string.Create(CultureInfo.InvariantCulture, $"Germination taken as {Fraction:P0}.");

        public override double Mean(Func<double, double> of) => of(Fraction);
    }

    /// <summary>Germination of a new batch as own batches let expect it, on a grid.</summary>
    /// <param name="Share">Mean, in (0, 1).</param>
    /// <param name="Shares">Germinations.</param>
    /// <param name="Weights">Of each; they sum to 1.</param>
    public sealed record Learned(double Share, IReadOnlyList<double> Shares, IReadOnlyList<double> Weights, string Says) : GerminationBelief
    {
        public override double ObservedRate => Share;

        public override string Words => $"{Says} Germination is uncertain by as much as batches differ.";

        public override double Mean(Func<double, double> of)
        {
            double sum = 0;
            for (var i = 0; i < Shares.Count; i++)
            {
                if (Weights[i] > 1e-12) sum += Weights[i] * of(Shares[i]);
            }
            return sum;
        }

        // one prediction is another where its mean and its words are
        public bool Equals(Learned? other) => other is not null && other.Share == Share && other.Says == Says;

        public override int GetHashCode() => HashCode.Combine(Share, Says);
    }

    /// <summary>Germination is Beta(germinated + ½, seeds − germinated + ½), the Jeffreys posterior.</summary>
    public sealed record Tested(int Germinated, int Seeds) : GerminationBelief
    {
        private const int Panels = 4;
        private const int Nodes = 32;

        public override double ObservedRate => (double)Germinated / Seeds;

        public override string Words => string.Create(CultureInfo.InvariantCulture,
            $"Germination from a test, {Germinated} of {Seeds}: uncertain, Beta({Germinated + 0.5}, {Seeds - Germinated + 0.5}).");

        /// <summary>
        /// With g = sin²θ the Beta density becomes 2·sin^(2a−1)θ·cos^(2b−1)θ ÷ B(a, b), finite at both ends for a, b ≥ ½.
        /// Gauss–Legendre on panels around the mode, where the mass is.
        /// </summary>
        public override double Mean(Func<double, double> of)
        {
            double a = Germinated + 0.5, b = Seeds - Germinated + 0.5;
            var logNorm = Math.Log(2) - (SpecialFunctions.GammaLn(a) + SpecialFunctions.GammaLn(b) - SpecialFunctions.GammaLn(a + b));
            static double Power(double exponent, double value) => exponent == 0 ? 0 : exponent * Math.Log(Math.Max(value, 1e-300));
            double Integrand(double theta)
            {
                double sin = Math.Sin(theta), cos = Math.Cos(theta);
                return Math.Exp(logNorm + Power(2 * a - 1, sin) + Power(2 * b - 1, cos)) * of(sin * sin);
            }

            // θ has standard deviation near 1/(2√(n+1)), so ± 8 of them hold all but 1e-14 of the mass
            var centre = Math.Asin(Math.Sqrt(a / (a + b)));
            var halfWidth = 8 / (2 * Math.Sqrt(Seeds + 1.0));
            double low = Math.Max(0, centre - halfWidth), high = Math.Min(Math.PI / 2, centre + halfWidth);
            double At(int panel) => low + (high - low) * panel / Panels;
            return Enumerable.Range(0, Panels).Sum(i => GaussLegendreRule.Integrate(Integrand, At(i), At(i + 1), Nodes));
        }
    }
}
