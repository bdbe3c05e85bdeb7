using Gassel.Core.Climate;
using Gassel.Core.Treatments;

namespace Gassel.Core.Yard;

/// <summary>Hours of a run summed to days.</summary>
public static class ContainerDays
{
    public static IReadOnlyList<ContainerDay> Of(ContainerRun run, ColdResponse response)
    {
        var days = new List<ContainerDay>();
        for (var i = 0; i < run.Hours.Count; )
        {
            var date = run.Hours[i].Date;
            double outMin = double.PositiveInfinity,
                outMax = double.NegativeInfinity,
                airMin = outMin,
                airMax = outMax,
                mediumMin = outMin,
                mediumMax = outMax;
            double mean = 0,
                frozen = 0,
                effective = 0,
                chill = 0;
            var first = i;
            for (; i < run.Hours.Count && run.Hours[i].Date == date; i++)
            {
                var (outdoors, air, medium, before) = (run.Hours[i].TempC, run.AirC[i], run.MediumC[i], run.MediumBefore(i));
                (outMin, outMax) = (Math.Min(outMin, outdoors), Math.Max(outMax, outdoors));
                (airMin, airMax) = (Math.Min(airMin, air), Math.Max(airMax, air));
                (mediumMin, mediumMax) = (Math.Min(mediumMin, medium), Math.Max(mediumMax, medium));
                mean += (before + medium) / 2;
                if (medium < 0)
                    frozen++;
                effective += response.MeanBetween(before, medium);
                if ((before + medium) / 2 is >= TemperatureDay.ChillFromC and <= TemperatureDay.ChillToC)
                    chill++;
            }
            var hours = i - first;
            days.Add(new(date, outMin, outMax, airMin, airMax, mediumMin, mediumMax, mean / hours, frozen, effective / 24, chill));
        }
        return days;
    }

    /// <summary>Whether the warmth has come is judged by the mean of so many days.</summary>
    public const int WeekDays = 7;

    /// <summary>Mean of the mix over the week that ends with a day, °C; over fewer days at the beginning.</summary>
    public static double WeekMeanC(IReadOnlyList<ContainerDay> days, int day)
    {
        var from = Math.Max(0, day - WeekDays + 1);
        double sum = 0;
        for (var i = from; i <= day; i++)
            sum += days[i].MediumMeanC;
        return sum / (day - from + 1);
    }

    /// <summary>The warmth for seed that comes up, by the mix.</summary>
    public static IReadOnlyList<ThermalDay> Warmth(ContainerRun run, ThermalRate rate)
    {
        var days = new List<ThermalDay>();
        for (var i = 0; i < run.Hours.Count; )
        {
            var date = run.Hours[i].Date;
            double degrees = 0,
                above = 0;
            for (; i < run.Hours.Count && run.Hours[i].Date == date; i++)
            {
                degrees += rate.MeanBetween(run.MediumBefore(i), run.MediumC[i]);
                if (run.MediumC[i] > rate.CeilingC)
                    above++;
            }
            days.Add(new(date, degrees / 24, above / 24));
        }
        return days;
    }
}
