using Gassel.Core;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

/// <summary>What days and readings of every calculator must be: in order, each once, in the range of weather.</summary>
internal static class DailyCheck
{
    public const int MaxDays = 40_000;

    /// <summary>Five minutes apart for over two years; more take longer to read than anybody waits.</summary>
    public const int MaxReadings = 250_000;
    public const double ColdestC = -95;
    public const double HottestC = 65;

    public static Refusal? Days<T>(IReadOnlyList<T> daily, Func<T, (DateOnly Date, double MinC, double MaxC)> of, string field = "daily")
    {
        if (Limits.Count(field, daily.Count, 1, MaxDays) is { } wrong)
            return wrong;
        for (var i = 0; i < daily.Count; i++)
        {
            var (day, at) = (of(daily[i]), $"{field}[{i}]");
            var refusal = Limits.Day($"{at}.date", day.Date)
                ?? Limits.Number($"{at}.minC", day.MinC, ColdestC, HottestC)
                ?? Limits.Number($"{at}.maxC", day.MaxC, ColdestC, HottestC);
            if (refusal is not null)
                return refusal;
            if (day.MinC > day.MaxC)
                return Above(at, day.MinC, day.MaxC);
            if (i > 0 && day.Date <= of(daily[i - 1]).Date)
                return NotAfter(at, day.Date, of(daily[i - 1]).Date);
        }
        return null;
    }

    /// <summary>Days of which temperatures may be missing.</summary>
    public static Refusal? Weather(IReadOnlyList<WeatherDayInput> daily)
    {
        if (Limits.Count("daily", daily.Count, 1, MaxDays) is { } wrong)
            return wrong;
        for (var i = 0; i < daily.Count; i++)
        {
            var (day, at) = (daily[i], $"daily[{i}]");
            var refusal = Limits.Day($"{at}.date", day.Date)
                ?? Limits.Number($"{at}.minC", day.MinC ?? 0, ColdestC, HottestC)
                ?? Limits.Number($"{at}.maxC", day.MaxC ?? 0, ColdestC, HottestC)
                ?? Limits.Number($"{at}.snowCm", day.SnowCm ?? 0, 0, 2000);
            if (refusal is not null)
                return refusal;
            if (day.MinC > day.MaxC)
                return Above(at, day.MinC!.Value, day.MaxC!.Value);
            if (i > 0 && day.Date <= daily[i - 1].Date)
                return NotAfter(at, day.Date, daily[i - 1].Date);
        }
        return null;
    }

    private static Refusal Above(string at, double minC, double maxC) =>
        new($"{at}.minC", Text.Of($"{at}.minC was {minC}, above maxC {maxC}; valid is a minimum up to the maximum."));

    private static Refusal NotAfter(string at, DateOnly day, DateOnly before) =>
        new($"{at}.date", $"{at}.date was {day:yyyy-MM-dd}, not after {before:yyyy-MM-dd}; valid are days in order, each once.");

    public static Refusal? Readings(IReadOnlyList<ReadingInput> readings, string field = "readings", int least = 1)
    {
        if (Limits.Count(field, readings.Count, least, MaxReadings) is { } wrong)
            return wrong;
        for (var i = 0; i < readings.Count; i++)
        {
            var (at, tempC) = (readings[i].At, readings[i].TempC);
            if (tempC is not (>= ColdestC and <= HottestC))
                return Limits.Number($"{field}[{i}].tempC", tempC, ColdestC, HottestC);
            if (at.Year is < 1900 or > 2200)
                return Limits.Day($"{field}[{i}].at", DateOnly.FromDateTime(at.DateTime));
            if (i > 0 && at <= readings[i - 1].At)
                return new(
                    $"{field}[{i}].at",
                    Text.Of($"{field}[{i}].at was {at:O}, not after the one before; valid are instants in order, each once.")
                );
        }
        return null;
    }
}
