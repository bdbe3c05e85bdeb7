using Gassel.Web.Problems;
using Sylvan.Data.Csv;

namespace Gassel.Web.Features.Told;

/// <summary>
/// Cells from a spreadsheet or a CSV file, with a first line that names the columns or without one in the order of the grid.
/// </summary>
internal static class ToldTable
{
    public static readonly string[] Columns = ["species", "lot", "step", "since", "seeds", "place", "route", "vessel", "cells"];
    private static readonly char[] Delimiters = ['\t', ';', ','];
    private const int MaxLines = 500;

    public static (IReadOnlyList<ToldLine>? Lines, Refusal? Refusal) Read(string text)
    {
        text = text.TrimStart('\uFEFF');
        if (string.IsNullOrWhiteSpace(text))
            return (null, new("text", $"There is nothing in it; paste lines of {string.Join(", ", Columns)}."));
        var first = text.Split('\n', 2)[0];
        var delimiter = Delimiters.MaxBy(d => first.Count(c => c == d));
        var lines = new List<ToldLine>();
        try
        {
            using var csv = CsvDataReader.Create(
                new StringReader(text),
                new CsvDataReaderOptions { Delimiter = delimiter, HasHeaders = false }
            );
            int[] at = [.. Enumerable.Range(0, Columns.Length)];
            var any = false;
            while (csv.Read())
            {
                if (!any && Header(csv) is { } named)
                {
                    var missing = Columns.Take(5).Where((_, i) => named[i] < 0).ToList();
                    if (missing.Count > 0)
                        return (
                            null,
                            new(
                                "text",
                                $"The first line lacks the column{(missing.Count == 1 ? "" : "s")} "
                                    + $"{string.Join(", ", missing)}; wanted are {string.Join(", ", Columns)}."
                            )
                        );
                    (at, any) = (named, true);
                    continue;
                }
                if (!any && csv.RowFieldCount < 5)
                {
                    return (
                        null,
                        new(
                            "text",
                            $"The first line has {csv.RowFieldCount} cell{(csv.RowFieldCount == 1 ? "" : "s")}; wanted "
                                + $"are {string.Join(", ", Columns)}, the last four optional."
                        )
                    );
                }
                any = true;
                if (lines.Count == MaxLines)
                    return (null, new("text", $"There are more than {MaxLines} lines; paste them in two goes."));
                string Cell(int column) => at[column] < 0 || at[column] >= csv.RowFieldCount ? "" : csv.Cell(at[column]);
                var line = new ToldLine(Cell(0), Cell(1), Cell(2), Cell(3), Cell(4), Cell(5), Cell(6), Cell(7), Cell(8));
                if (line != new ToldLine("", "", "", "", "", ""))
                    lines.Add(line);
            }
        }
        catch (CsvFormatException malformed)
        {
            return (null, CsvText.Malformed(malformed) with { Field = "text" });
        }
        return (lines, null);
    }

    /// <summary>Where each column stands if the line names columns; −1 for one it lacks. Null where it is a line like the others.</summary>
    private static int[]? Header(CsvDataReader csv)
    {
        var names = Enumerable.Range(0, csv.RowFieldCount).Select(i => csv.Cell(i).ToLowerInvariant()).ToList();
        return names.Count(n => Columns.Contains(n)) >= 2 ? [.. Columns.Select(c => names.IndexOf(c))] : null;
    }
}
