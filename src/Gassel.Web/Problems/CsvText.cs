using System.Text;
using Gassel.Data.Packages;
using Sylvan.Data.Csv;

namespace Gassel.Web.Problems;

/// <summary>CSV as it is sent in, and cells of what is sent out.</summary>
internal static class CsvText
{
    /// <summary>The text of the bytes, or why they are none.</summary>
    public static (string? Text, Refusal? Refusal) Decode(byte[] bytes, string firstLine)
    {
        string text;
        try
        {
            text = new UTF8Encoding(false, throwOnInvalidBytes: true).GetString(bytes).TrimStart('\uFEFF');
        }
        catch (DecoderFallbackException)
        {
            return (null, NotText);
        }
        if (text.Contains('\0', StringComparison.Ordinal))
            return (null, NotText);
        return string.IsNullOrWhiteSpace(text) ? (null, new("file", $"The file is empty; the first line must {firstLine}.")) : (text, null);
    }

    /// <summary>
    /// Text with a first line of names, its cells parted by what parts that line most often: a comma, a semicolon or a tab.
    /// </summary>
    public static CsvDataReader Open(string text)
    {
        var first = text.Split('\n', 2)[0];
        var delimiter = Delimiters.MaxBy(d => first.Count(c => c == d));
        return CsvDataReader.Create(new StringReader(text), new CsvDataReaderOptions { Delimiter = delimiter, HasHeaders = true });
    }

    private static readonly char[] Delimiters = [',', ';', '\t'];

    public static Refusal Malformed(CsvFormatException at) =>
        new("file", $"Line {at.RowNumber + 1} is not well-formed CSV; look for an open quotation mark.");

    /// <summary>What is the matter with a table that could not be read to its end; null for any other fault.</summary>
    public static Refusal? Unreadable(Exception fault) =>
        fault switch
        {
            // it is a kind of the other
            CsvRecordTooLargeException => new(
                "file",
                "One line of the file is longer than a line of a table can be; look for an open quotation mark or missing line ends."
            ),
            CsvFormatException malformed => Malformed(malformed),
            _ => null,
        };

    /// <summary>A cell without the spaces around it; empty where the row is short.</summary>
    public static string Cell(this CsvDataReader csv, int column) => column < csv.RowFieldCount ? csv.GetString(column).Trim() : "";

    /// <summary>
    /// As a cell: in quotes where a comma or a quote stands in it (RFC 4180); a leading sign that a spreadsheet would reckon with is set
    /// apart by an apostrophe.
    /// </summary>
    public static string Quoted(string text)
    {
        var safe = text.Length > 0 && text[0] is '=' or '+' or '-' or '@' or '\t' ? "'" + text : text;
        return CsvCell.Quoted(safe);
    }

    private static Refusal NotText => new("file", "The file is not UTF-8 text; save it as CSV UTF-8.");
}
