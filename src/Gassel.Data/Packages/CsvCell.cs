namespace Gassel.Data.Packages;

/// <summary>Cells of a CSV file by RFC 4180.</summary>
public static class CsvCell
{
    /// <summary>In quotes where a comma, a quote or a line's end stands in it.</summary>
    public static string Quoted(string text) =>
        text.AsSpan().IndexOfAny(",\"\n\r") < 0 ? text : $"\"{text.Replace("\"", "\"\"", StringComparison.Ordinal)}\"";
}
