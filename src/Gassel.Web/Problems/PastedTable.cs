using Sylvan.Data.Csv;

namespace Gassel.Web.Problems;

/// <summary>
/// Cells from a spreadsheet or a CSV file, with a first line that names the columns or without one in the order of the grid.
/// </summary>
/// <param name="columns">Names in the order of the grid.</param>
/// <param name="needed">So many of the first a line cannot be without.</param>
internal sealed class PastedTable(IReadOnlyList<string> columns, int needed)
{
    private static readonly char[] Delimiters = ['\t', ';', ','];
    private const int MaxLines = 500;

    /// <summary>Cells of each line in the order of the columns; empty where it has none.</summary>
    public (IReadOnlyList<string[]>? Lines, Refusal? Refusal) Read(string text)
    {
        text = text.TrimStart('\uFEFF');
        if (string.IsNullOrWhiteSpace(text))
            return (null, new("text", $"There is nothing in it; paste lines of {string.Join(", ", columns)}."));
        var first = text.Split('\n', 2)[0];
        var delimiter = Delimiters.MaxBy(d => first.Count(c => c == d));
        var lines = new List<string[]>();
        try
        {
            using var csv = CsvDataReader.Create(
                new StringReader(text),
                new CsvDataReaderOptions { Delimiter = delimiter, HasHeaders = false }
            );
            int[] at = [.. Enumerable.Range(0, columns.Count)];
            var any = false;
            while (csv.Read())
            {
                if (!any && Header(csv) is { } named)
                {
                    if (Missing(named) is { } lacks)
                        return (null, lacks);
                    (at, any) = (named, true);
                    continue;
                }
                if (!any && csv.RowFieldCount < needed)
                {
                    return (
                        null,
                        new(
                            "text",
                            $"The first line has {csv.RowFieldCount} cell{(csv.RowFieldCount == 1 ? "" : "s")}; wanted are "
                                + $"{string.Join(", ", columns)}; the first {needed} are needed."
                        )
                    );
                }
                any = true;
                if (lines.Count == MaxLines)
                    return (null, new("text", $"There are more than {MaxLines} lines; paste them in two goes."));
                string[] cells = [.. at.Select(c => c < 0 || c >= csv.RowFieldCount ? "" : csv.Cell(c))];
                if (cells.Any(c => c.Length > 0))
                    lines.Add(cells);
            }
        }
        catch (CsvFormatException malformed)
        {
            return (null, CsvText.Malformed(malformed) with { Field = "text" });
        }
        return (lines, null);
    }

    private Refusal? Missing(int[] named)
    {
        var missing = columns.Take(needed).Where((_, i) => named[i] < 0).ToList();
        return missing.Count == 0
            ? null
            : new(
                "text",
                $"The first line lacks the column{(missing.Count == 1 ? "" : "s")} {string.Join(", ", missing)}; wanted are "
                    + $"{string.Join(", ", columns)}."
            );
    }

    /// <summary>Where each column stands if the line names columns; −1 for one it lacks. Null where it is a line like the others.</summary>
    private int[]? Header(CsvDataReader csv)
    {
        var names = Enumerable.Range(0, csv.RowFieldCount).Select(i => csv.Cell(i).ToLowerInvariant()).ToList();
        return names.Count(n => columns.Contains(n)) >= 2 ? [.. columns.Select(c => names.IndexOf(c))] : null;
    }
}
