using Gassel.Core.Treatments;

namespace Gassel.Core.Climate;

/// <summary>
/// A day between its minimum and maximum as one sine, T = mean + amplitude·sin θ with θ uniform (Baskerville &amp; Emin 1969), integrated
/// exactly
/// by the arcsine of each knot. Temperatures in °C, minimum not above maximum.
/// </summary>
public static class SingleSineDay
{
    /// <summary>Share of a day of cold, 0..1.</summary>
    public static double Effect(double minC, double maxC, ColdResponse response) =>
        maxC - minC < 2e-12
            ? response.At((minC + maxC) / 2)
            : MeanOf(minC, maxC, [(response.NoneBelowC, 0), (response.FullFromC, 1), (response.FullToC, 1), (response.NoneAboveC, 0)]);

    /// <summary>Mean over the day of what follows from the temperature by straight lines between knots, flat outside them.</summary>
    /// <param name="knots">In order of temperature; two at one temperature are a jump.</param>
    public static double MeanOf(double minC, double maxC, ReadOnlySpan<(double AtC, double Value)> knots)
    {
        var (mean, amplitude) = ((minC + maxC) / 2, Math.Max((maxC - minC) / 2, 1e-9));
        var (first, last) = (knots[0], knots[^1]);
        var sum =
            (first.Value * (Angle(first.AtC, mean, amplitude) + (Math.PI / 2)))
            + (last.Value * ((Math.PI / 2) - Angle(last.AtC, mean, amplitude)));
        for (var i = 1; i < knots.Length; i++)
        {
            var (from, to) = (knots[i - 1], knots[i]);
            if (from.AtC >= to.AtC)
                continue;
            var slope = (to.Value - from.Value) / (to.AtC - from.AtC);
            var (a, b) = (Angle(from.AtC, mean, amplitude), Angle(to.AtC, mean, amplitude));
            sum += ((from.Value + (slope * (mean - from.AtC))) * (b - a)) - (slope * amplitude * (Math.Cos(b) - Math.Cos(a)));
        }
        return sum / Math.PI;
    }

    /// <summary>
    /// Hours of the day with a temperature from <paramref name="lowC"/> to <paramref name="highC"/>, both ends inclusive.
    /// </summary>
    public static double HoursBetween(double minC, double maxC, double lowC, double highC)
    {
        var (mean, amplitude) = ((minC + maxC) / 2, (maxC - minC) / 2);
        if (amplitude < 1e-12)
            return mean >= lowC && mean <= highC ? 24 : 0;
        return 24 * (Angle(highC, mean, amplitude) - Angle(lowC, mean, amplitude)) / Math.PI;
    }

    /// <summary>θ in −π/2..π/2 at which the sine passes a temperature; the nearer end where it never does.</summary>
    private static double Angle(double tempC, double meanC, double amplitudeK) =>
        Math.Asin(Math.Clamp((tempC - meanC) / amplitudeK, -1, 1));
}
