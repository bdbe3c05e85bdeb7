using Gassel.Core.Climate;

namespace Gassel.Data;

/// <summary>Thirty winters of made-up weather, and the winter in play: a warm week in early March and a hard freeze after it.</summary>
internal static class DemoWeather
{
    private const int Seed = 1127;
    private const double WarmK = 9;
    private const double FreezeK = -11;

    public static IReadOnlyList<DailyTemperature> Days() =>
        [.. WeatherGenerator.Days(ClimateNormals.SkarveBench, new(1997, 1, 1), new(2027, 3, 13), Seed).Select(InPlay)];

    private static DailyTemperature InPlay(WeatherDay day)
    {
        var shift = day.Date switch
        {
            { Year: 2027, Month: 3, Day: >= 2 and <= 8 } => WarmK,
            { Year: 2027, Month: 3, Day: 11 or 12 } => FreezeK,
            _ => 0,
        };
        return new(day.Date, Math.Round(day.MinC + shift, 1), Math.Round(day.MaxC + shift, 1));
    }
}
