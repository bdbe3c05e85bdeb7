using Gassel.Core.Climate;
using MathNet.Numerics.Distributions;

namespace Gassel.Core.Germination;

/// <summary>When a species comes up by warmth, as own sowings tell it.</summary>
/// <param name="Rate">With the fitted base; optimum and ceiling are starter values.</param>
/// <param name="Half">Thermal time by which half of what comes up is up, in the middle sowing, °C·d.</param>
/// <param name="Shape">Of the log-logistic; the higher, the more at once.</param>
/// <param name="Spread">How far sowings lie apart, standard deviation of the logarithm of <paramref name="Half"/>.</param>
/// <param name="BaseError">Standard error of the base, K.</param>
/// <param name="LogHalfError">Standard error of the logarithm of <paramref name="Half"/>.</param>
/// <param name="Together">Covariance of the two.</param>
public sealed record WarmthLearned(
    ThermalRate Rate,
    double Half,
    double Shape,
    double Spread,
    int Sowings,
    int Seedlings,
    double BaseError,
    double LogHalfError,
    double Together
)
{
    /// <summary>Of the intervals that are told.</summary>
    public const double Confidence = 0.9;

    /// <summary>Further off no day is told.</summary>
    private const double FarthestDays = 730;

    /// <summary>By Student's t with as many degrees of freedom as there are sowings: how far they lie apart is known no better.</summary>
    private double Wide => StudentT.InvCDF(0, 1, Math.Max(1, Sowings), 0.5 + Confidence / 2);

    public ThermalTime Need => new(Half * Math.Pow(9, -1 / Shape), Half, Half * Math.Pow(9, 1 / Shape));

    /// <summary>Of what comes up in the middle sowing, up by a thermal time in °C·d.</summary>
    public double Share(double degreeDays) => degreeDays <= 0 ? 0 : 1 / (1 + Math.Pow(degreeDays / Half, -Shape));

    public (double LowC, double HighC) Base => (Rate.BaseC - Wide * BaseError, Rate.BaseC + Wide * BaseError);

    /// <summary>What is taken before any sowing has spoken.</summary>
    public static WarmthLearned Before(WarmthPrior prior) =>
        new(
            prior.Rate,
            prior.Need.T50,
            Math.Exp(prior.LogShape),
            WarmthPrior.SpreadScale,
            0,
            0,
            WarmthPrior.BaseSd,
            WarmthPrior.LogHalfSd,
            0
        );

    /// <summary>Days from sowing at one temperature; null where it is too cold or too warm to come up.</summary>
    public WarmthDays? At(double tempC)
    {
        var gained = Rate.At(tempC);
        return gained > 0 ? Of(Need, need => need / gained, Slope(Rate, tempC)) : null;
    }

    /// <summary>Days from sowing over the days that are known; what is left goes on as the mean of the last week.</summary>
    public WarmthDays? Over(WarmSowing sowing)
    {
        var sums = sowing.Sums(Rate);
        double? Day(double need)
        {
            for (var i = 1; i < sums.Length; i++)
            {
                if (sums[i] >= need)
                    return i - 1 + (need - sums[i - 1]) / (sums[i] - sums[i - 1]);
            }
            var week = Math.Min(7, sums.Length - 1);
            var gained = week > 0 ? (sums[^1] - sums[^(week + 1)]) / week : 0;
            return gained > 0 ? sums.Length - 1 + (need - sums[^1]) / gained : null;
        }
        if (Day(Half) is not { } middle)
            return null;
        // as if the sowing had lain at the temperature that brings its half in the same time
        var mean = Rate.BaseC + Half / middle;
        return Of(Need, need => Day(need) ?? FarthestDays, Slope(Rate, mean));
    }

    /// <summary>How the logarithm of the days goes with the base: a higher one leaves fewer degrees.</summary>
    private static double Slope(ThermalRate rate, double tempC) => 1 / Math.Max(0.5, Math.Min(tempC, rate.OptimumC ?? tempC) - rate.BaseC);

    private WarmthDays Of(ThermalTime need, Func<double, double> day, double slope)
    {
        var variance = Spread * Spread + LogHalfError * LogHalfError + 2 * slope * Together + slope * slope * BaseError * BaseError;
        var off = Math.Exp(Wide * Math.Sqrt(Math.Max(0, variance)));
        double Told(double degreeDays) => Math.Min(FarthestDays, day(degreeDays));
        return new(Told(need.T10), Told(need.T50), Told(need.T90), Told(need.T50 / off), Told(need.T50 * off));
    }
}
