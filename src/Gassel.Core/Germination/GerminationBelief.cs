using MathNet.Numerics;
using MathNet.Numerics.Integration;

namespace Gassel.Core.Germination;

/// <summary>What is believed of a lot's germination: a rate taken as known, or a test with its own uncertainty.</summary>
public abstract record GerminationBelief
{
    /// <summary>The rate that the usual sum would use.</summary>
    public abstract double ObservedRate { get; }

    public abstract string Words { get; }

    /// <summary>Mean of a function of the germination g over the belief.</summary>
    public abstract double Mean(Func<double, double> of);

    /// <summary>P(X ≥ least) over the belief, X ~ Binomial(units, success of one unit at germination g).</summary>
    /// <param name="success">Rises with g.</param>
    /// <param name="germinationFor">Its inverse: the least g that gives a success so large; above 1 where none does.</param>
    public virtual double Reach(int least, int units, Func<double, double> success, Func<double, double> germinationFor) =>
        Mean(g => BinomialTail.AtLeast(least, units, success(g)));

    /// <param name="Fraction">In (0, 1].</param>
    public sealed record Known(double Fraction) : GerminationBelief
    {
        public override double ObservedRate => Fraction;

        public override string Words => Text.Of($"Germination taken as {Percent.Of(Fraction)}.");

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
                if (Weights[i] > 1e-12)
                    sum += Weights[i] * of(Shares[i]);
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

        public override string Words =>
            Text.Of($"Germination from a test, {Germinated} of {Seeds}: uncertain, Beta({Germinated + 0.5}, {Seeds - Germinated + 0.5}).");

        /// <summary>
        /// The tail of the binomial is a steep step in g, which no fixed set of nodes meets. It is itself a chance: that of the least-th of
        /// so many even
        /// random numbers, U ~ Beta(least, units − least + 1), lying below the success. So the mean over g of P(U ≤ success(g)) is the mean
        /// over U
        /// of P(g ≥ germination that gives U): a smooth function over a narrow density.
        /// </summary>
        public override double Reach(int least, int units, Func<double, double> success, Func<double, double> germinationFor)
        {
            if (least <= 0)
                return 1;
            if (least > units)
                return 0;
            double a = Germinated + 0.5,
                b = Seeds - Germinated + 0.5;
            double Above(double g) =>
                g >= 1 ? 0
                : g <= 0 ? 1
                : 1 - SpecialFunctions.BetaRegularized(a, b, g);
            double k = least,
                rest = units - least + 1.0;
            var logNorm = Math.Log(2) - (SpecialFunctions.GammaLn(k) + SpecialFunctions.GammaLn(rest) - SpecialFunctions.GammaLn(k + rest));
            double Density(double theta) =>
                Math.Exp(
                    logNorm
                        + (((2 * k) - 1) * Math.Log(Math.Max(Math.Sin(theta), 1e-300)))
                        + (((2 * rest) - 1) * Math.Log(Math.Max(Math.Cos(theta), 1e-300)))
                );
            var centre = Math.Asin(Math.Sqrt(k / (k + rest)));
            var halfWidth = 10 / (2 * Math.Sqrt(units + 1.0));
            double low = Math.Max(0, centre - halfWidth),
                high = Math.Min(Math.PI / 2, centre + halfWidth);
            double At(int panel) => low + ((high - low) * panel / Panels);
            double mass = 0,
                reached = 0;
            for (var i = 0; i < Panels; i++)
            {
                mass += GaussLegendreRule.Integrate(Density, At(i), At(i + 1), Nodes);
                reached += GaussLegendreRule.Integrate(
                    theta => Density(theta) * Above(germinationFor(Math.Pow(Math.Sin(theta), 2))),
                    At(i),
                    At(i + 1),
                    Nodes
                );
            }
            // the logarithms of the norm lose digits at a million seeds; the mass says how many
            return mass > 0 ? Math.Min(1, reached / mass) : 0;
        }

        /// <summary>
        /// With g = sin²θ the Beta density becomes 2·sin^(2a−1)θ·cos^(2b−1)θ ÷ B(a, b), finite at both ends for a, b ≥ ½.
        /// Gauss–Legendre on panels around the mode, where the mass is.
        /// </summary>
        public override double Mean(Func<double, double> of)
        {
            double a = Germinated + 0.5,
                b = Seeds - Germinated + 0.5;
            var logNorm = Math.Log(2) - (SpecialFunctions.GammaLn(a) + SpecialFunctions.GammaLn(b) - SpecialFunctions.GammaLn(a + b));
            static double Power(double exponent, double value) => exponent == 0 ? 0 : exponent * Math.Log(Math.Max(value, 1e-300));
            double Integrand(double theta)
            {
                double sin = Math.Sin(theta),
                    cos = Math.Cos(theta);
                return Math.Exp(logNorm + Power(2 * a - 1, sin) + Power(2 * b - 1, cos)) * of(sin * sin);
            }

            // θ has standard deviation near 1/(2√(n+1)), so ± 8 of them hold all but 1e-14 of the mass
            var centre = Math.Asin(Math.Sqrt(a / (a + b)));
            var halfWidth = 8 / (2 * Math.Sqrt(Seeds + 1.0));
            double low = Math.Max(0, centre - halfWidth),
                high = Math.Min(Math.PI / 2, centre + halfWidth);
            double At(int panel) => low + (high - low) * panel / Panels;
            return Enumerable.Range(0, Panels).Sum(i => GaussLegendreRule.Integrate(Integrand, At(i), At(i + 1), Nodes));
        }
    }
}
