using System.Globalization;
using System.Text.Json;
using Gassel.Core;
using Gassel.Web.Features.Book;

namespace Gassel.Web.Features.Intake;

/// <summary>Cells of a row by the names of their columns; the first that cannot be read is kept as the verdict.</summary>
internal sealed class IntakeRow(IReadOnlyDictionary<string, string> cells, TypedDay days, DateOnly today)
{
    /// <summary>Null while all could be read.</summary>
    public IntakeVerdict? Wrong { get; private set; }

    public void Refuse(string? column, string why) => Wrong ??= IntakeVerdict.Refused(column, why);

    /// <summary>Empty where there is none.</summary>
    public string Text(string column) => cells.GetValueOrDefault(column, "");

    /// <summary>Null where there is none.</summary>
    public string? Optional(string column) => Text(column) is { Length: > 0 } text ? text : null;

    public string Needed(string column)
    {
        if (Text(column).Length == 0)
            Refuse(column, $"{column} is empty.");
        return Text(column);
    }

    /// <summary>Up to today; the first of January of 1 where it cannot be read.</summary>
    public DateOnly Day(string column)
    {
        if (Needed(column) is not { Length: > 0 } text)
            return default;
        if (days.UpTo(text, today) is not { } day)
        {
            Refuse(column, $"{column} was '{text}'; valid is a day such as 12 Jan 2027 or 2027-01-12.");
            return default;
        }
        if (day > today)
            Refuse(column, Core.Text.Of($"{column} was {day:yyyy-MM-dd}; valid is a day up to today, {today:yyyy-MM-dd}."));
        return day;
    }

    /// <summary>Null where the cell is empty.</summary>
    public double? Number(string column)
    {
        if (Optional(column) is not { } text)
            return null;
        if (double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var number) && double.IsFinite(number))
            return number;
        Refuse(column, $"{column} was '{text}'; valid is a number with a dot, such as 12.5.");
        return null;
    }

    /// <summary>Null where the cell is empty.</summary>
    public int? Whole(string column)
    {
        if (Optional(column) is not { } text)
            return null;
        if (int.TryParse(text, NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var number))
            return number;
        Refuse(column, $"{column} was '{text}'; valid is a whole number.");
        return null;
    }

    /// <summary>False where the cell is empty.</summary>
    public bool Yes(string column)
    {
        switch (Text(column).ToLowerInvariant())
        {
            case "" or "false" or "no" or "0":
                return false;
            case "true" or "yes" or "1":
                return true;
            default:
                Refuse(column, $"{column} was '{Text(column)}'; valid is true or false.");
                return false;
        }
    }

    /// <summary>A value by its name or its word; null where the cell is empty.</summary>
    public T? Name<T>(string column)
        where T : struct, Enum => Optional(column) is { } text ? Named<T>(column, text) : null;

    /// <summary>Several, parted by blanks.</summary>
    public IReadOnlyList<T> Names<T>(string column)
        where T : struct, Enum =>
        [.. Text(column).Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(t => Named<T>(column, t)).OfType<T>()];

    private T? Named<T>(string column, string text)
        where T : struct, Enum
    {
        var words = Vocabulary.Of(typeof(T));
        var named = words.FirstOrDefault(w => string.Equals(w.Words.Words, text, StringComparison.OrdinalIgnoreCase)).Name ?? text;
        if (char.IsLetter(named[0]) && Enum.TryParse<T>(named, true, out var value))
            return value;
        var all = Enum.GetNames<T>().Select(JsonNamingPolicy.CamelCase.ConvertName);
        Refuse(column, $"{column} was '{text}'; valid is one of {string.Join(", ", all)}.");
        return null;
    }
}
