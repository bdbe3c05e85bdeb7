using MathNet.Numerics.Distributions;

namespace Gassel.Core.Climate;

/// <summary>
/// Invented daily weather for the demo and for tests, the same for the same seed. Mean temperature: monthly means interpolated smoothly
/// plus
/// AR(1) noise; daily range by month with noise, narrower on wet days; wet days by a two-state chain; snow accumulates below 0 °C and melts
/// by
/// degree-days. A model, made for plausible practice data and checked only for its means and its memory.
/// </summary>
public static class WeatherGenerator
{
    /// <summary>Correlation of a day's departure with the day before (our assumption).</summary>
    public const double Memory = 0.7;

    private const double WetRange = 0.7;
    private const double DryRange = 1.1;
    private const double RangeNoise = 0.15;

    /// <summary>Snow per wet day below freezing and melt per degree-day, cm (our assumption).</summary>
    private const double SnowPerWetDay = 5;
    private const double MeltPerDegreeDay = 1.2;

    public static IEnumerable<WeatherDay> Days(ClimateNormals normals, DateOnly from, DateOnly to, int seed)
    {
        var random = new Random(seed);
        double departure = Normal.Sample(random, 0, 1),
            snow = 0;
        var wet = false;
        for (var day = from; day <= to; day = day.AddDays(1))
        {
            departure = Memory * departure + Math.Sqrt(1 - Memory * Memory) * Normal.Sample(random, 0, 1);
            wet = random.NextDouble() < (wet ? normals.WetAfterWet : normals.WetAfterDry);
            var mean = Seasonal(normals.MeanC, day) + departure * Seasonal(normals.DeviationK, day);
            var range = Seasonal(normals.RangeK, day) * (wet ? WetRange : DryRange) * Math.Exp(RangeNoise * Normal.Sample(random, 0, 1));
            if (wet && mean < 0)
                snow += SnowPerWetDay;
            snow = Math.Max(0, snow - MeltPerDegreeDay * Math.Max(0, mean));
            yield return new(day, Math.Round(mean - range / 2, 1), Math.Round(mean + range / 2, 1), wet, Math.Round(snow, 1));
        }
    }

    /// <summary>
    /// A yearly curve through the middles of the months: three harmonics fitted to the twelve values, so that no month's edge shows.
    /// </summary>
    public static double Seasonal(IReadOnlyList<double> monthly, DateOnly day)
    {
        const int harmonics = 3;
        var angle = 2 * Math.PI * ((day.DayOfYear - 0.5) / 365.25 - 0.5 / 12);
        var value = monthly.Average();
        for (var h = 1; h <= harmonics; h++)
        {
            double cos = 0,
                sin = 0;
            for (var m = 0; m < 12; m++)
            {
                cos += monthly[m] * Math.Cos(2 * Math.PI * h * m / 12);
                sin += monthly[m] * Math.Sin(2 * Math.PI * h * m / 12);
            }
            value += cos / 6 * Math.Cos(h * angle) + sin / 6 * Math.Sin(h * angle);
        }
        return value;
    }
}
