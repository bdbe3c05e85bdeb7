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

    /// <summary>The order that most of the dates can only be read in; the year first where none tells.</summary>
    public static DayOrder GuessOrder(IEnumerable<string> dates)
    {
        var told = dates.Select(Told).OfType<DayOrder>().GroupBy(o => o).ToDictionary(g => g.Key, g => g.Count());
        return told.Count == 0 ? DayOrder.YearFirst : told.MaxBy(t => t.Value).Key;
    }

    /// <summary>No air is above 60 °C, so such numbers are °F.</summary>
    public static TemperatureUnit GuessUnit(IEnumerable<string> maxima) =>
        maxima.Select(Number).Any(n => n > 60) ? TemperatureUnit.Fahrenheit : TemperatureUnit.Celsius;

    private static (DailyTemperature Day, string? Fault) Judge(WeatherCells row, DayOrder order, TemperatureUnit unit)
    {
        if (DayOf(row.Date, order) is not { } date)
        {
            var other = Told(row.Date) is { } told && told != order ? $"; it stands {Words(told)}" : "";
            return (default, $"date was '{row.Date}'{other}; valid is a day that exists, read with the {Words(order)}.");
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

    private static double? Number(string text) =>
        double.TryParse(text, NumberStyles.AllowLeadingSign | NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var value)
        && double.IsFinite(value)
            ? value
            : null;

    private static DateOnly? DayOf(string text, DayOrder order)
    {
        if (Parts(text) is not { } parts)
            return null;
        var (year, month, day) = order switch
        {
            DayOrder.YearFirst => (parts[0], parts[1], parts[2]),
            DayOrder.DayFirst => (parts[2], parts[1], parts[0]),
            _ => (parts[2], parts[0], parts[1]),
        };
        if (year is < 1900 or > 2200 || month is < 1 or > 12 || day < 1 || day > DateTime.DaysInMonth(year, month))
            return null;
        return new(year, month, day);
    }

    /// <summary>The order in which a date can only be read; null where it fits more than one or none.</summary>
    private static DayOrder? Told(string text) =>
        Parts(text) switch
        {
            [> 31, _, _] => DayOrder.YearFirst,
            [> 12 and <= 31, <= 12, > 31] => DayOrder.DayFirst,
            [<= 12, > 12 and <= 31, > 31] => DayOrder.MonthFirst,
            _ => null,
        };

    private static int[]? Parts(string text)
    {
        var day = text.Split('T', ' ')[0];
        // 20120131 as some services write it
        if (day.Length == 8 && day.All(char.IsAsciiDigit))
            day = $"{day[..4]}-{day[4..6]}-{day[6..]}";
        var parts = day.Split('-', '/', '.');
        if (parts.Length != 3)
            return null;
        var numbers = parts.Select(p => int.TryParse(p, NumberStyles.None, CultureInfo.InvariantCulture, out var n) ? n : -1).ToArray();
        return numbers.All(n => n > 0) ? numbers : null;
    }

    private static List<DayGap> Gaps(List<DailyTemperature> days) =>
        [
            .. days.Zip(days.Skip(1))
                .Where(p => p.Second.Date > p.First.Date.AddDays(1))
                .Select(p => new DayGap(p.First.Date.AddDays(1), p.Second.Date.AddDays(-1))),
        ];

    public static string Words(DayOrder order) =>
        order switch
        {
            DayOrder.YearFirst => "year first",
            DayOrder.DayFirst => "day first",
            _ => "month first",
        };
}
