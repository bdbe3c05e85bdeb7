using System.Globalization;
using Gassel.Core.Batches;
using Gassel.Web.Problems;
using Sylvan.Data.Csv;

namespace Gassel.Web.Features.Counting;

/// <param name="Line">Line in the file, the header being 1.</param>
/// <param name="Refused">Why the row cannot be recorded; null where it can.</param>
public sealed record CountFileRow(int Line, string Date, string Emerged, string Lost, string? Refused)
{
    public bool Accepted => Refused is null;
}

/// <summary>A file of counts, <c>date,emerged,lost</c>, judged row by row against the part it is for.</summary>
internal static class CountFile
{
    public const int MaxRows = 10_000;

    private static readonly string[] ColumnNames = ["date", "emerged", "lost"];

    /// <summary>Rows as they stand, or why the file as a whole cannot be read.</summary>
    public static (IReadOnlyList<CountFileRow>? Rows, Refusal? Refusal) Read(byte[] bytes, BatchPlan plan, IReadOnlyList<Entry> entries, PartState part, DateOnly today)
    {
        var (text, notText) = CsvText.Decode(bytes, "be date,emerged,lost");
        if (text is null) return (null, notText);

        using var csv = CsvDataReader.Create(new StringReader(text), new CsvDataReaderOptions { Delimiter = ',', HasHeaders = true });
        var columns = ColumnNames.Select(name => Column(csv, name)).ToArray();
        if (columns.Any(c => c < 0))
        {
            return (null, new("file", $"The first line was '{text.Split('\n')[0].Trim()}'; it must name the columns date,emerged,lost."));
        }
        var rows = new List<CountFileRow>();
        var judged = entries.ToList();
        var taken = part.Counts.Select(c => c.On).ToHashSet();
        try
        {
            while (csv.Read())
            {
                if (rows.Count == MaxRows) return (null, new("file", $"The file has more than {MaxRows} rows; split it."));
                var row = new CountFileRow(rows.Count + 2, csv.Cell(columns[0]), csv.Cell(columns[1]), csv.Cell(columns[2]), null);
                if (csv.RowFieldCount == 1 && row.Date.Length == 0) continue;
                rows.Add(row with { Refused = Judge(row, plan, judged, part.Id, taken, today) });
            }
        }
        catch (CsvFormatException malformed)
        {
            return (null, CsvText.Malformed(malformed));
        }
        return (rows, null);
    }

    /// <summary>The accepted rows as entries of one act.</summary>
    public static IReadOnlyList<Entry> ToEntries(IEnumerable<CountFileRow> rows, string part, string who, DateTimeOffset now)
    {
        var act = Guid.CreateVersion7(now);
        return [.. rows.Where(r => r.Accepted).Select(r => new Entry(
            Guid.CreateVersion7(now), 0, act, DayOf(r.Date)!.Value, null, now, who, EntrySource.File,
            new Count(part, WholeOf(r.Emerged)!.Value, WholeOf(r.Lost)!.Value)))];
    }

    /// <summary>Each row is tried in the fold with the good rows before it, so that sums cannot pass the seed sown.</summary>
    private static string? Judge(CountFileRow row, BatchPlan plan, List<Entry> judged, string part, HashSet<DateOnly> taken, DateOnly today)
    {
        if (DayOf(row.Date) is not { } day) return $"date was '{row.Date}'; valid is a day that exists, as yyyy-MM-dd.";
        if (day > today) return string.Create(CultureInfo.InvariantCulture, $"date was {day:yyyy-MM-dd}; valid is a day up to today, {today:yyyy-MM-dd}.");
        if (WholeOf(row.Emerged) is not { } emerged) return $"emerged was '{row.Emerged}'; valid is a whole number from 0.";
        if (WholeOf(row.Lost) is not { } lost) return $"lost was '{row.Lost}'; valid is a whole number from 0.";
        if (taken.Contains(day)) return string.Create(CultureInfo.InvariantCulture, $"There is a count of {day:yyyy-MM-dd} already.");
        var before = BatchFold.Run(plan, judged);
        var entry = new Entry(Guid.NewGuid(), before.LastSequence + 1, default, day, null, default, "", EntrySource.File, new Count(part, emerged, lost));
        var after = BatchFold.Run(plan, [.. judged, entry]);
        var standing = before.Conflicts.Select(c => c.Entry).ToHashSet();
        if (after.Conflicts.FirstOrDefault(c => !standing.Contains(c.Entry)) is { } conflict) return conflict.Words;
        judged.Add(entry);
        taken.Add(day);
        return null;
    }

    private static DateOnly? DayOf(string text) =>
        DateOnly.TryParseExact(text, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var day) && day.Year is >= 1900 and <= 2200 ? day : null;

    private static int? WholeOf(string text) =>
        int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var value) && value <= 1_000_000 ? value : null;

    private static int Column(CsvDataReader csv, string name)
    {
        for (var i = 0; i < csv.FieldCount; i++)
        {
            if (string.Equals(csv.GetName(i).Trim(), name, StringComparison.OrdinalIgnoreCase)) return i;
        }
        return -1;
    }
}
