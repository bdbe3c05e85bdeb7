using System.Globalization;

namespace Gassel.Core.Climate;

/// <summary>
/// Reads daily minima and maxima as growers find them: any order of date parts, either unit, with gaps, twice told days and swapped
/// columns.
/// </summary>
public static class WeatherRows
{
    private const double ColdestC = -95;
    private const double HottestC = 65;

    public static WeatherReading Read(IEnumerable<WeatherCells> rows, DayOrder order, TemperatureUnit unit)
    {
        var days = new SortedDictionary<DateOnly, (int Line, DailyTemperature Day)>();
        var refused = new List<RefusedRow>();
        foreach (var row in rows)
        {
            var (day, fault) = Judge(row, order, unit);
            if (fault is null && days.TryGetValue(day.Date, out var there))
                fault = Text.Of(
                    $"{day.Date:yyyy-MM-dd} stands in line {there.Line} already; each day may appear once, and the first is kept."
                );
            if (fault is null)
                days.Add(day.Date, (row.Line, day));
            else
                refused.Add(new(row.Line, $"{row.Date}, {row.Min}, {row.Max}", fault));
        }
        List<DailyTemperature> usable = [.. days.Values.Select(d => d.Day)];
        return new(usable, refused, Gaps(usable));
    }

    /// <summary>No air is above 60 °C, so such numbers are °F.</summary>
    public static TemperatureUnit GuessUnit(IEnumerable<string> maxima) =>
        maxima.Select(Number).Any(n => n > 60) ? TemperatureUnit.Fahrenheit : TemperatureUnit.Celsius;

    private static (DailyTemperature Day, string? Fault) Judge(WeatherCells row, DayOrder order, TemperatureUnit unit)
    {
        if (DayTexts.Day(row.Date, order) is not { } date)
        {
            var other = DayTexts.OnlyOrder(row.Date) is { } told && told != order ? $"; it stands {told.Words()}" : "";
            return (default, $"date was '{row.Date}'{other}; valid is a day that exists, read with the {order.Words()}.");
        }
        var (min, minFault) = Temperature("min", row.Min, unit);
        var (max, maxFault) = Temperature("max", row.Max, unit);
        if ((minFault ?? maxFault) is { } fault)
            return (default, fault);
        return min > max ? (default, $"min {row.Min} is above max {row.Max}; the two may be swapped.") : (new(date, min, max), null);
    }

    /// <summary>An empty cell is a missing reading, not a fault.</summary>
    private static (double? C, string? Fault) Temperature(string name, string text, TemperatureUnit unit)
    {
        if (text.Length == 0)
            return (null, null);
        var c = Number(text) is { } number
            ? (unit == TemperatureUnit.Fahrenheit ? Math.Round((number - 32) / 1.8, 2) : number)
            : (double?)null;
        return c is >= ColdestC and <= HottestC
            ? (c, null)
            : (
                null,
                Text.Of(
                    $"{name} was '{text}'; valid is a number from {Quantity.Temperature(ColdestC)} to "
                        + $"{Quantity.Temperature(HottestC)}, or nothing."
                )
            );
    }

    internal static double? Number(string text) =>
        double.TryParse(text, NumberStyles.AllowLeadingSign | NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var value)
        && double.IsFinite(value)
            ? value
            : null;

    private static List<DayGap> Gaps(List<DailyTemperature> days) =>
        [
            .. days.Zip(days.Skip(1))
                .Where(p => p.Second.Date > p.First.Date.AddDays(1))
                .Select(p => new DayGap(p.First.Date.AddDays(1), p.Second.Date.AddDays(-1))),
        ];
}
