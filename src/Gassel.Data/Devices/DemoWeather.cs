using Gassel.Core.Climate;

namespace Gassel.Data.Devices;

/// <summary>
/// Thirty winters of made-up weather, the winter in play with a warm week in early March and a hard freeze in the middle of the month, and
/// the year after
/// it, which the simulated weather service tells day by day.
/// </summary>
internal static class DemoWeather
{
    private const int Seed = 1127;

    public const double Latitude = 46.8;

    /// <summary>Standard time of the valley.</summary>
    public static readonly TimeSpan Offset = TimeSpan.FromHours(-7);

    private static readonly DateOnly From = new(1997, 1, 1);

    /// <summary>The record in the book ends with the day before the demo begins.</summary>
    private static readonly DateOnly Recorded = new(2027, 3, 13);

    private static readonly DateOnly To = new(2028, 7, 31);

    private static readonly Lazy<WeatherDay[]> Made = new(() =>
        [.. WeatherGenerator.Days(ClimateNormals.SkarveBench, From, To, Seed).Select(InPlay)]
    );

    public static IReadOnlyList<DailyTemperature> Days() =>
        [.. Made.Value.TakeWhile(d => d.Date <= Recorded).Select(d => new DailyTemperature(d.Date, d.MinC, d.MaxC, d.SnowCm))];

    /// <summary>Null outside the invented years.</summary>
    public static WeatherDay? On(DateOnly day) => day < From || day > To ? null : Made.Value[day.DayNumber - From.DayNumber];

    /// <summary>Degrees by which the days of March 2027 differ from what the generator made.</summary>
    private static readonly double[] MarchK = [4, 9, 9, 9, 9, 9, 10, 9, 6, 7, 8, 16, 9, 9, 10, -2, -3, -1, 4];

    private static WeatherDay InPlay(WeatherDay day)
    {
        if (day.Date.Year != 2027 || day.Date.Month != 3)
            return day;
        if (day.Date.Day > MarchK.Length)
            return day with { SnowCm = 0 };
        var shift = MarchK[day.Date.Day - 1];
        // the warm week takes the snow; what falls after the front stays thin
        var snow = day.Date.Day switch
        {
            1 => 34,
            2 => 20,
            3 => 8,
            >= 4 and <= 15 => 0,
            _ => 4,
        };
        return day with
        {
            MinC = Math.Round(day.MinC + shift, 1),
            MaxC = Math.Round(day.MaxC + shift, 1),
            SnowCm = snow,
            Wet = day.Wet || day.Date.Day is 9 or 16,
        };
    }
}
