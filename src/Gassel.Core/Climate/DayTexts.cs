using System.Globalization;

namespace Gassel.Core.Climate;

/// <summary>Days as growers and services write them, the parts in any order.</summary>
public static class DayTexts
{
    /// <summary>The order that most of the dates can only be read in; the year first where none tells.</summary>
    public static DayOrder GuessOrder(IEnumerable<string> dates)
    {
        var told = dates.Select(OnlyOrder).OfType<DayOrder>().GroupBy(o => o).ToDictionary(g => g.Key, g => g.Count());
        return told.Count == 0 ? DayOrder.YearFirst : told.MaxBy(t => t.Value).Key;
    }

    /// <summary>Null where it is none that exists.</summary>
    public static DateOnly? Day(string text, DayOrder order)
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
    public static DayOrder? OnlyOrder(string text) =>
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
}
