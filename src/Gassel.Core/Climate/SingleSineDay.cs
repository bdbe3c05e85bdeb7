using Gassel.Core.Treatments;

namespace Gassel.Core.Climate;

/// <summary>
/// A day between its minimum and maximum as one sine, T = mean + amplitude·sin θ with θ uniform (Baskerville &amp; Emin 1969), integrated exactly
/// by the arcsine of each knot. Temperatures in °C, minimum not above maximum.
/// </summary>
public static class SingleSineDay
{
    /// <summary>Share of a day of cold, 0..1.</summary>
    public static double Effect(double minC, double maxC, ColdResponse response)
    {
        var (mean, amplitude) = ((minC + maxC) / 2, (maxC - minC) / 2);
        if (amplitude < 1e-12) return response.At(mean);
        return (Line(response.NoneBelowC, response.FullFromC, 1 / (response.FullFromC - response.NoneBelowC), response.NoneBelowC)
            + Share(response.FullFromC, response.FullToC)
            + Line(response.FullToC, response.NoneAboveC, -1 / (response.NoneAboveC - response.FullToC), response.NoneAboveC)) / Math.PI;

        double Share(double from, double to) => Angle(to, mean, amplitude) - Angle(from, mean, amplitude);

        // slope·(T − zero) while T is between the two
        double Line(double from, double to, double slope, double zero)
        {
            if (from >= to) return 0;
            var (a, b) = (Angle(from, mean, amplitude), Angle(to, mean, amplitude));
            return slope * (((mean - zero) * (b - a)) - (amplitude * (Math.Cos(b) - Math.Cos(a))));
        }
    }

    /// <summary>Hours of the day with a temperature from <paramref name="lowC"/> to <paramref name="highC"/>, both ends inclusive.</summary>
    public static double HoursBetween(double minC, double maxC, double lowC, double highC)
    {
        var (mean, amplitude) = ((minC + maxC) / 2, (maxC - minC) / 2);
        if (amplitude < 1e-12) return mean >= lowC && mean <= highC ? 24 : 0;
        return 24 * (Angle(highC, mean, amplitude) - Angle(lowC, mean, amplitude)) / Math.PI;
    }

    /// <summary>θ in −π/2..π/2 at which the sine passes a temperature; the nearer end where it never does.</summary>
    private static double Angle(double tempC, double meanC, double amplitudeK) => Math.Asin(Math.Clamp((tempC - meanC) / amplitudeK, -1, 1));
}
