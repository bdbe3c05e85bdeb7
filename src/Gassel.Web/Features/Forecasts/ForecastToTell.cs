using Gassel.Core;
using Gassel.Core.Climate;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Forecasts;

/// <param name="Who">Who types it, 1 to 40 characters.</param>
/// <param name="Days">Each day once, from today on.</param>
public sealed record ForecastToTell(string Who, IReadOnlyList<ForecastDay> Days)
{
    internal Refusal? Check(DateOnly today)
    {
        if (Limits.Text("who", Who, 40) is { } nameless)
            return nameless;
        if (Limits.Count("days", Days.Count, 1, Forecast.MostDaysAhead + 1) is { } count)
            return count;
        for (var i = 0; i < Days.Count; i++)
        {
            if (OfDay($"days[{i}]", Days[i], today) is { } wrong)
                return wrong;
            if (Days.Take(i).Any(d => d.Date == Days[i].Date))
                return new(
                    $"days[{i}].date",
                    $"days[{i}].date was {Days[i].Date:yyyy-MM-dd}, which stands before; valid is each day once."
                );
        }
        return null;
    }

    private static Refusal? OfDay(string at, ForecastDay day, DateOnly today)
    {
        var last = today.AddDays(Forecast.MostDaysAhead);
        if (day.Date < today || day.Date > last)
            return new($"{at}.date", $"{at}.date was {day.Date:yyyy-MM-dd}; valid is a day from {today:yyyy-MM-dd} to {last:yyyy-MM-dd}.");
        if (day is { LowC: null, HighC: null, GustKmh: null, RainMm: null, SnowCm: null })
            return new(at, $"{at} says nothing; give a low, a high, gusts, rain or snow.");
        if (day is { LowC: { } low, HighC: { } high } && low > high)
            return new(
                $"{at}.lowC",
                $"{at}.lowC was {Quantity.Temperature(low)}, above highC {Quantity.Temperature(high)}; valid is a low up to the high."
            );
        Refusal? Number(string field, double? value, double min, double max) =>
            value is { } v ? Limits.Number($"{at}.{field}", v, min, max) : null;
        return Number("lowC", day.LowC, ForecastBounds.ColdestC, ForecastBounds.HottestC)
            ?? Number("highC", day.HighC, ForecastBounds.ColdestC, ForecastBounds.HottestC)
            ?? Number("gustKmh", day.GustKmh, 0, ForecastBounds.MostKmh)
            ?? Number("rainMm", day.RainMm, 0, ForecastBounds.MostRainMm)
            ?? Number("snowCm", day.SnowCm, 0, ForecastBounds.MostSnowCm);
    }
}
