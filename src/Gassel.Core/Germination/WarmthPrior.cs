using Gassel.Core.Climate;

namespace Gassel.Core.Germination;

/// <summary>
/// What is taken of a species' emergence by warmth before own sowings speak: the days of its route at the temperature they are meant for,
/// and a base from the kind of plant. How far either may be off is our assumption.
/// </summary>
/// <param name="Rate">With the starter base; optimum and ceiling stay as they are.</param>
/// <param name="Need">Thermal time from the days of the route.</param>
public sealed record WarmthPrior(ThermalRate Rate, ThermalTime Need)
{
    /// <summary>Standard deviations: of the base in K, of the logarithms of half the thermal time and of the shape.</summary>
    public const double BaseSd = 3;
    public const double LogHalfSd = 0.7;
    public const double LogShapeSd = 0.7;

    /// <summary>
    /// How far sowings lie apart is Gamma with shape 2, which keeps it off nought where few sowings could not tell (the form of Chung and
    /// others 2013, from memory), and this scale on the logarithm of thermal time.
    /// </summary>
    public const double SpreadScale = 0.1;

    /// <summary>A packet that names one day is not that sure.</summary>
    private const double LeastRatio = 1.25;

    public double LogHalf => Math.Log(Need.T50);

    public double LogShape => Math.Log(2 * Math.Log(9) / Math.Log(Math.Max(LeastRatio, Need.T90 / Need.T10)));

    /// <summary>Logarithm of the prior up to a constant; that of the spread is of its logarithm, on which it is sought.</summary>
    internal double Log(double baseC, double logHalf, double logShape, double spread)
    {
        static double Normal(double off, double sd) => -off * off / (2 * sd * sd);
        return Normal(baseC - Rate.BaseC, BaseSd)
            + Normal(logHalf - LogHalf, LogHalfSd)
            + Normal(logShape - LogShape, LogShapeSd)
            + 2 * Math.Log(spread)
            - spread / SpreadScale;
    }
}
