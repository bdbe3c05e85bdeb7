using System.Globalization;
using System.Text.Json;

namespace Gassel.Web.Problems;

/// <summary>
/// Words of an address that may be left out, read one after the other; the first that cannot be read is kept as the refusal. The framework
/// itself answers
/// such words with an empty 400.
/// </summary>
internal sealed class QueryWords
{
    /// <summary>The first word that cannot be read; null where all can.</summary>
    public Refusal? Refusal { get; private set; }

    /// <summary>Index of a column, from 0.</summary>
    public int? Column(string field, string? text)
    {
        if (string.IsNullOrEmpty(text))
            return null;
        if (int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var column))
            return column;
        Refusal ??= new(field, $"{field} was '{text}'; valid is the number of a column, counted from 0.");
        return null;
    }

    /// <summary>A whole number.</summary>
    public int? Number(string field, string? text)
    {
        if (string.IsNullOrEmpty(text))
            return null;
        if (int.TryParse(text, NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var number))
            return number;
        Refusal ??= new(field, $"{field} was '{text}'; valid is a whole number.");
        return null;
    }

    public T? Name<T>(string field, string? text)
        where T : struct, Enum
    {
        if (string.IsNullOrEmpty(text))
            return null;
        // a name and nothing else: numbers, signs and lists of names would be taken too
        if (Enum.GetNames<T>().FirstOrDefault(n => n.Equals(text, StringComparison.OrdinalIgnoreCase)) is { } name)
            return Enum.Parse<T>(name);
        Refusal ??= new(
            field,
            $"{field} was '{text}'; valid is one of {string.Join(", ", Enum.GetNames<T>().Select(JsonNamingPolicy.CamelCase.ConvertName))}."
        );
        return null;
    }
}
