namespace Gassel.Core.Germination;

/// <summary>
/// F(t) = d / (1 + (e/t)^b): the share of sown seed emerged by day t. Fitted to interval counts by maximum likelihood as a
/// time-to-event model (Ritz, Pipper &amp; Streibig 2013).
/// </summary>
/// <param name="MaxFraction">d, in (0, 1].</param>
/// <param name="T50">e, days to half of d.</param>
/// <param name="Shape">b.</param>
/// <param name="LogLikelihood">Σ n ln ΔF + (sown − N) ln(1 − F(last)), without the multinomial constant.</param>
/// <param name="Extrapolated">d at 1, or e past the last count: a guess beyond the data, which no decision should lean on.</param>
public sealed record EmergenceCurve(double MaxFraction, double T50, double Shape, double LogLikelihood, bool Extrapolated)
{
    /// <summary>Share of the sown seed emerged by <paramref name="day"/>, 0 at and before day 0.</summary>
    public double At(double day) => MaxFraction * Reached(day, Math.Log(T50), Shape);

    /// <summary>1 / (1 + (e/t)^b), stable for any argument.</summary>
    internal static double Reached(double day, double logT50, double shape) =>
        day <= 0 ? 0 : 1 / (1 + Math.Exp(shape * (logT50 - Math.Log(day))));
}
