using System.Globalization;
using Gassel.Core;
using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Data;
using Gassel.Web.Problems;
using Sylvan.Data.Csv;

namespace Gassel.Web.Features.Counting;

/// <summary>
/// A file of counts, <c>date,emerged,lost</c>, judged row by row against the part it is for. It may name <c>cause</c> and <c>rooted</c>
/// too, and <c>batch</c>,
/// <c>part</c> and <c>tray</c> as the program writes them: a row of another is refused.
/// </summary>
internal static class CountFile
{
    /// <summary>Years of daily counts of one tray.</summary>
    public const int MaxRows = 2_000;

    private static readonly string[] ColumnNames = ["date", "emerged", "lost"];

    /// <summary>Rows as they stand, or why the file as a whole cannot be read.</summary>
    public static (IReadOnlyList<CountFileRow>? Rows, Refusal? Refusal) Read(
        byte[] bytes,
        ShelvedBatch batch,
        PartState part,
        DateOnly today
    )
    {
        var (text, notText) = CsvText.Decode(bytes, "be date,emerged,lost");
        if (text is null)
            return (null, notText);

        using var csv = CsvDataReader.Create(new StringReader(text), new CsvDataReaderOptions { Delimiter = ',', HasHeaders = true });
        var columns = ColumnNames.Select(name => Column(csv, name)).ToArray();
        if (columns.Any(c => c < 0))
        {
            return (null, new("file", $"The first line was '{text.Split('\n')[0].Trim()}'; it must name the columns date,emerged,lost."));
        }
        var rows = new List<CountFileRow>();
        var (causeAt, rootedAt) = (Column(csv, "cause"), Column(csv, "rooted"));
        (string Name, int At, string Here)[] owners =
        [
            ("batch", Column(csv, "batch"), $"B-{batch.Row.Number}"),
            ("part", Column(csv, "part"), part.Id),
            ("tray", Column(csv, "tray"), part.Vessel?.Label ?? ""),
        ];
        var taken = part.Counts.Select(c => c.On).ToHashSet();
        try
        {
            while (csv.Read())
            {
                if (rows.Count == MaxRows)
                    return (null, new("file", $"The file has more than {MaxRows} rows; split it."));
                var row = new CountFileRow(
                    rows.Count + 2,
                    csv.Cell(columns[0]),
                    csv.Cell(columns[1]),
                    csv.Cell(columns[2]),
                    Optional(causeAt),
                    Optional(rootedAt),
                    null
                );
                if (csv.RowFieldCount == 1 && row.Date.Length == 0)
                    continue;
                var stranger = owners.FirstOrDefault(o =>
                    o.At >= 0 && csv.Cell(o.At) is { Length: > 0 } said && !string.Equals(said, o.Here, StringComparison.OrdinalIgnoreCase)
                );
                rows.Add(
                    row with
                    {
                        Refused = stranger.Name is null
                            ? Judge(row, taken, today)
                            : $"{stranger.Name} was '{csv.Cell(stranger.At)}'; this is {stranger.Here}. Choose that tray "
                                + $"and read the file there.",
                    }
                );
            }
        }
        catch (CsvFormatException malformed)
        {
            return (null, CsvText.Malformed(malformed));
        }
        return (Tried(rows, batch, part.Id), null);

        string Optional(int at) => at < 0 ? "" : csv.Cell(at);
    }

    /// <summary>The accepted rows as entries of one act.</summary>
    public static IReadOnlyList<Entry> ToEntries(IEnumerable<CountFileRow> rows, string part, string who, DateTimeOffset now)
    {
        var act = Guid.CreateVersion7(now);
        return
        [
            .. rows.Where(r => r.Accepted)
                .Select(r => new Entry(
                    Guid.CreateVersion7(now),
                    0,
                    act,
                    DayOf(r.Date)!.Value,
                    null,
                    now,
                    who,
                    EntrySource.File,
                    CountOf(part, r)!
                )),
        ];
    }

    /// <summary>What can be said of a row by itself; of two of one day the first is its count.</summary>
    private static string? Judge(CountFileRow row, HashSet<DateOnly> taken, DateOnly today)
    {
        if (DayOf(row.Date) is not { } day)
            return $"date was '{row.Date}'; valid is a day that exists, as yyyy-MM-dd.";
        if (day > today)
            return Text.Of($"date was {day:yyyy-MM-dd}; valid is a day up to today, {today:yyyy-MM-dd}.");
        if (WholeOf(row.Emerged) is null)
            return $"emerged was '{row.Emerged}'; valid is a whole number from 0.";
        if (WholeOf(row.Lost) is null)
            return $"lost was '{row.Lost}'; valid is a whole number from 0.";
        if (CauseOf(row.Cause) is null)
            return $"cause was '{row.Cause}'; valid is empty or one of {string.Join(", ", Causes.Keys)}.";
        if (row.Rooted.Length > 0 && WholeOf(row.Rooted) is null)
            return $"rooted was '{row.Rooted}'; valid is empty or a whole number from 0.";
        return taken.Add(day) ? null : Text.Of($"There is a count of {day:yyyy-MM-dd} already.");
    }

    /// <summary>The good rows are tried in the fold together, so that sums cannot pass the seed sown.</summary>
    private static List<CountFileRow> Tried(List<CountFileRow> rows, ShelvedBatch batch, string part)
    {
        var trial = new FoldTrial(batch.Plan, batch.Entries);
        var first = trial.LastSequence + 1;
        var good = rows.Where(r => r.Accepted).ToList();
        var conflicts = trial.Try([
            .. good.Select(
                (row, at) =>
                    new Entry(
                        Guid.NewGuid(),
                        first + at,
                        default,
                        DayOf(row.Date)!.Value,
                        null,
                        default,
                        "",
                        EntrySource.File,
                        CountOf(part, row)!
                    )
            ),
        ]);
        var refused = good.Zip(conflicts)
            .Where(pair => pair.Second is not null)
            .ToDictionary(pair => pair.First.Line, pair => pair.Second!);
        return [.. rows.Select(row => refused.TryGetValue(row.Line, out var why) ? row with { Refused = why.Words } : row)];
    }

    private static readonly Dictionary<string, LossCause> Causes = Enum.GetValues<LossCause>()
        .ToDictionary(cause => cause.Words(), StringComparer.OrdinalIgnoreCase);

    private static LossCause? CauseOf(string text) =>
        text.Length == 0 ? LossCause.Unknown
        : Causes.TryGetValue(text, out var cause) ? cause
        : null;

    private static Count CountOf(string part, CountFileRow row) =>
        new(
            part,
            WholeOf(row.Emerged)!.Value,
            WholeOf(row.Lost)!.Value,
            WholeOf(row.Lost) > 0 ? CauseOf(row.Cause)!.Value : LossCause.Unknown,
            WholeOf(row.Rooted) ?? 0
        );

    private static DateOnly? DayOf(string text) =>
        DateOnly.TryParseExact(text, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var day)
        && day.Year is >= 1900 and <= 2200
            ? day
            : null;

    private static int? WholeOf(string text) =>
        int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var value) && value <= 1_000_000 ? value : null;

    private static int Column(CsvDataReader csv, string name)
    {
        for (var i = 0; i < csv.FieldCount; i++)
        {
            if (string.Equals(csv.GetName(i).Trim(), name, StringComparison.OrdinalIgnoreCase))
                return i;
        }
        return -1;
    }
}
