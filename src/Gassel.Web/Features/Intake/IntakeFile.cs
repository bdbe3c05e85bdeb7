using Gassel.Web.Problems;
using Sylvan.Data.Csv;

namespace Gassel.Web.Features.Intake;

/// <summary>The cells of a file that is read as a table.</summary>
/// <param name="Header">Names of its columns.</param>
/// <param name="Rows">As long as the header.</param>
internal sealed record IntakeFile(IReadOnlyList<string> Header, IReadOnlyList<string[]> Rows)
{
    public const int MaxRows = 5_000;
    private const int MaxColumns = 200;

    public static (IntakeFile? File, Refusal? Refusal) Read(string text)
    {
        text = text.TrimStart('\uFEFF');
        if (string.IsNullOrWhiteSpace(text))
            return (null, new("text", "The file is empty; the first line must name its columns."));
        try
        {
            using var csv = CsvText.Open(text);
            var header = Enumerable.Range(0, csv.FieldCount).Select(i => csv.GetName(i).Trim()).ToList();
            if (header.Count > MaxColumns)
                return (null, new("text", $"The file has {header.Count} columns; valid are up to {MaxColumns}."));
            var rows = new List<string[]>();
            while (csv.Read())
            {
                string[] cells = [.. header.Select((_, i) => Plain(csv.Cell(i)))];
                if (cells.All(c => c.Length == 0))
                    continue;
                if (rows.Count == MaxRows)
                    return (null, new("text", $"The file has more than {MaxRows} rows; split it."));
                rows.Add(cells);
            }
            return (new(header, rows), null);
        }
        catch (CsvFormatException malformed)
        {
            return (null, CsvText.Malformed(malformed) with { Field = "text" });
        }
    }

    /// <summary>Without the apostrophe by which a sign is set apart from what a spreadsheet would reckon with.</summary>
    private static string Plain(string cell) =>
        cell.Length > 1 && cell[0] == '\'' && cell[1] is '=' or '+' or '-' or '@' or '\t' ? cell[1..] : cell;
}
