using Gassel.Core.Climate;

namespace Gassel.Core.Yard;

/// <summary>From days to hours. Clock time is taken for solar time (our assumption).</summary>
public static class ContainerHours
{
    /// <summary>It is warmest at this hour (our assumption).</summary>
    private const double WarmestHour = 15;

    /// <summary>
    /// From daily ranges: coldest at sunrise, warmest at 15:00, half a cosine between the two and on to the next day's minimum; sun from
    /// the range
    /// (FAO-56 eq. 50), by the hour as the sun's height.
    /// </summary>
    /// <param name="days">One after the other, none missing.</param>
    /// <param name="offset">Of the clock at the site.</param>
    public static IReadOnlyList<ContainerHour> FromDays(IReadOnlyList<WholeDay> days, double latitude, TimeSpan offset)
    {
        var hours = new List<ContainerHour>(days.Count * 24);
        for (var i = 0; i < days.Count; i++)
        {
            var day = days[i];
            var before = i > 0 ? days[i - 1].MaxC : day.MaxC;
            var after = i + 1 < days.Count ? days[i + 1] : day;
            var (coldest, nextColdest) = (Coldest(latitude, day.Date), Coldest(latitude, after.Date));
            var top = Sun.TopOfAirMJ(latitude, day.Date);
            var solar = Sun.FromRangeMJ(day.MaxC - day.MinC, top);
            var (clear, sunrise) = (Sun.Clearness(solar, top), Sun.Sunrise(latitude, day.Date));
            var start = new DateTimeOffset(day.Date.ToDateTime(TimeOnly.MinValue), offset);
            for (var hour = 0; hour < 24; hour++)
            {
                var middle = hour + 0.5;
                var tempC =
                    middle < coldest ? Between(before, day.MinC, (middle + 24 - WarmestHour) / (coldest + 24 - WarmestHour))
                    : middle < WarmestHour ? Between(day.MinC, day.MaxC, (middle - coldest) / (WarmestHour - coldest))
                    : Between(day.MaxC, after.MinC, (middle - WarmestHour) / (nextColdest + 24 - WarmestHour));
                hours.Add(
                    new(
                        start.AddHours(hour),
                        tempC,
                        solar * Sun.ShareBetween(latitude, day.Date, hour, hour + 1) * 1e6 / 3600,
                        day.SnowCm,
                        clear,
                        middle > sunrise && middle < 24 - sunrise
                    )
                );
            }
        }
        return hours;
    }

    /// <summary>From hours as they were measured; the sun where nobody measured it from the range of the day.</summary>
    /// <param name="hours">An hour apart. Sun in W/m², null where unknown; snow in cm, null for none.</param>
    public static IReadOnlyList<ContainerHour> FromHours(
        IReadOnlyList<(DateTimeOffset At, double TempC, double? SolarWm2, double? SnowCm)> hours,
        double latitude
    )
    {
        var made = new List<ContainerHour>(hours.Count);
        foreach (var day in hours.GroupBy(h => DateOnly.FromDateTime(h.At.DateTime)))
        {
            var top = Sun.TopOfAirMJ(latitude, day.Key);
            var solar = Sun.FromRangeMJ(day.Max(h => h.TempC) - day.Min(h => h.TempC), top);
            var sunrise = Sun.Sunrise(latitude, day.Key);
            var withSun = day.Where(h => h.SolarWm2 is not null).ToList();
            // a part of a day with measured sun is judged by the share of the sun that it could have had
            var possible = withSun.Sum(h => Share(h.At));
            var clear =
                possible > 1e-6 ? Sun.Clearness(withSun.Sum(h => h.SolarWm2!.Value) * 3600 / 1e6 / possible, top)
                : withSun.Count > 0 ? 0
                : Sun.Clearness(solar, top);
            foreach (var hour in day)
            {
                var middle = hour.At.TimeOfDay.TotalHours + 0.5;
                made.Add(
                    new(
                        hour.At,
                        hour.TempC,
                        hour.SolarWm2 ?? (solar * Share(hour.At) * 1e6 / 3600),
                        hour.SnowCm ?? 0,
                        clear,
                        middle > sunrise && middle < 24 - sunrise
                    )
                );
            }

            double Share(DateTimeOffset at) => Sun.ShareBetween(latitude, day.Key, at.TimeOfDay.TotalHours, at.TimeOfDay.TotalHours + 1);
        }
        return made;
    }

    /// <summary>At sunrise, in a polar winter at ten.</summary>
    private static double Coldest(double latitude, DateOnly day) => Math.Clamp(Sun.Sunrise(latitude, day), 2, 10);

    private static double Between(double from, double to, double share) => from + ((to - from) * (1 - Math.Cos(Math.PI * share)) / 2);
}
