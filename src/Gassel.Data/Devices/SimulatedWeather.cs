using Gassel.Core.Climate;
using Gassel.Core.Yard;

namespace Gassel.Data.Devices;

/// <summary>
/// The weather of the demo, told day by day: what was, and a week ahead with errors that grow with the distance. The same day asked of on
/// the same day
/// is always told alike. All numbers are our invention.
/// </summary>
public static class SimulatedWeather
{
    /// <summary>So many days are told ahead, today not counted.</summary>
    public const int AheadDays = 7;

    /// <summary>Error of a forecast per day of distance, K at most.</summary>
    private const double ErrorK = 0.25;

    /// <summary>Days from a day on to the end of what it tells, in order; empty where it knows nothing.</summary>
    /// <param name="today">Days before it are observed, from it on forecast.</param>
    public static IReadOnlyList<ServiceDay> Days(DateOnly from, DateOnly today)
    {
        var days = new List<ServiceDay>();
        for (var day = from; day <= today.AddDays(AheadDays); day = day.AddDays(1))
        {
            if (DemoWeather.On(day) is not { } real)
                continue;
            var distance = Math.Max(0, day.DayNumber - today.DayNumber);
            var error = ErrorK * distance * Noise(day.DayNumber, today.DayNumber);
            days.Add(
                new(day, Math.Round(real.MinC + error, 1), Math.Round(real.MaxC + error, 1), real.SnowCm, real.Wet, Gust(day), day < today)
            );
        }
        return days;
    }

    /// <summary>The air of the yard at a moment, °C; null outside the invented years.</summary>
    public static double? At(DateTimeOffset at)
    {
        var local = at.ToOffset(DemoWeather.Offset);
        var day = DateOnly.FromDateTime(local.DateTime);
        var days = Enumerable.Range(-1, 3).Select(i => DemoWeather.On(day.AddDays(i))).ToList();
        if (days.Exists(d => d is null))
            return null;
        var hours = ContainerHours.FromDays(
            [.. days.Select(d => new WholeDay(d!.Value.Date, d.Value.MinC, d.Value.MaxC, d.Value.SnowCm))],
            DemoWeather.Latitude,
            DemoWeather.Offset
        );
        // between the middles of hours
        var place = 24 + local.TimeOfDay.TotalHours - 0.5;
        var hour = (int)Math.Floor(place);
        return hours[hour].TempC + ((place - hour) * (hours[hour + 1].TempC - hours[hour].TempC));
    }

    /// <summary>A front comes through before the freeze in mid-March.</summary>
    private static double Gust(DateOnly day) => day == new DateOnly(2027, 3, 15) ? 72 : Math.Round(28 + (14 * Noise(day.DayNumber, 5)));

    /// <summary>−1..1, the same for the same two numbers.</summary>
    private static double Noise(int a, int b)
    {
        var x = (((ulong)(uint)a << 32) + (uint)b) * 0x9E3779B97F4A7C15;
        x = (x ^ (x >> 31)) * 0xBF58476D1CE4E5B9;
        return ((x >> 11) / (double)(1UL << 52)) - 1;
    }
}
