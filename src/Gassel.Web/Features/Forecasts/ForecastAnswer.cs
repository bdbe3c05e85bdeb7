using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Web.Problems;
using Newtonsoft.Json;
using Newtonsoft.Json.Linq;
using Sylvan.Data.Csv;

namespace Gassel.Web.Features.Forecasts;

/// <summary>What a service answered, taken apart into rows by the fields that its user named.</summary>
internal static class ForecastAnswer
{
    /// <summary>Sixteen days of quarters of hours.</summary>
    private const int MostRows = 1600;

    private static readonly string[] Names = ["fields.date", "fields.low", "fields.high", "fields.gust", "fields.rain", "fields.snow"];

    /// <param name="zone">Of the site; a moment with its offset falls on a day there.</param>
    public static (IReadOnlyList<ForecastCells> Rows, Refusal? Refusal) Read(
        string text,
        ForecastFormat format,
        ForecastFields fields,
        TimeZoneInfo zone
    )
    {
        if (text.AsSpan().TrimStart() is ['<', ..])
            return ([], new("address", "The address answers a web page. Ask the service for the address of its data."));
        var (columns, refusal) = format == ForecastFormat.Json ? Json(text, fields) : Csv(text, fields);
        if (refusal is not null)
            return ([], refusal);
        var dates = columns[0]!;
        if (dates.Count > MostRows)
            return ([], new("address", Core.Text.Of($"The answer holds {dates.Count} rows; valid are up to {MostRows}.")));
        for (var i = 1; i < columns.Count; i++)
        {
            if (columns[i] is { } column && column.Count != dates.Count)
                return (
                    [],
                    new(
                        Names[i],
                        Core.Text.Of($"{Names[i]} leads to {column.Count} values and the days to {dates.Count}; they must agree.")
                    )
                );
        }
        var days = Days(dates, zone);
        string Cell(int column, int row) => columns[column]?[row] ?? "";
        return (
            [
                .. days.Select(
                    (day, row) => new ForecastCells(row + 1, day, Cell(1, row), Cell(2, row), Cell(3, row), Cell(4, row), Cell(5, row))
                ),
            ],
            null
        );
    }

    private static (IReadOnlyList<IReadOnlyList<string>?> Columns, Refusal? Refusal) Json(string text, ForecastFields fields)
    {
        JToken root;
        try
        {
            using var reader = new JsonTextReader(new StringReader(text)) { DateParseHandling = DateParseHandling.None };
            root = JToken.ReadFrom(reader);
        }
        catch (JsonException broken)
        {
            return ([], new("address", $"The answer is no JSON: {broken.Message}"));
        }
        string? at = null;
        try
        {
            var rows = string.IsNullOrWhiteSpace(fields.Rows) ? null : Spread(root.SelectTokens(at = fields.Rows)).ToList();
            var columns = new List<IReadOnlyList<string>?>();
            for (var i = 0; i < Names.Length; i++)
            {
                at = fields.InOrder[i];
                columns.Add(
                    string.IsNullOrWhiteSpace(at) ? null
                    : rows is null ? [.. Spread(root.SelectTokens(at)).Select(Words)]
                    : [.. rows.Select(row => row is JContainer && row.SelectToken(at) is { } value ? Words(value) : "")]
                );
            }
            if (columns[0] is not { Count: > 0 } || columns[0]!.All(d => d.Length == 0))
            {
                var (name, path) =
                    fields.Rows is { Length: > 0 } r && rows is { Count: 0 } ? ("fields.rows", r) : ("fields.date", fields.Date);
                return ([], new(name, $"{name} '{path}' leads to nothing in the answer; look at its beginning below."));
            }
            return (columns, null);
        }
        catch (JsonException unread)
        {
            return ([], new("fields", $"'{at}' is no JSONPath: {unread.Message} Valid is for instance $.days[*] or daily.low."));
        }
    }

    /// <summary>An array stands for what is in it.</summary>
    private static IEnumerable<JToken> Spread(IEnumerable<JToken> found) => found.ToList() is [JArray array] ? array : found;

    private static string Words(JToken value) =>
        value switch
        {
            JValue { Value: null } => "",
            JValue { Value: IFormattable number } => number.ToString(null, CultureInfo.InvariantCulture),
            JValue plain => plain.Value!.ToString()!.Trim(),
            _ => "(not a value)",
        };

    private static (IReadOnlyList<IReadOnlyList<string>?> Columns, Refusal? Refusal) Csv(string text, ForecastFields fields)
    {
        try
        {
            using var csv = CsvText.Open(text);
            var headed = Enumerable.Range(0, csv.FieldCount).Select(i => csv.GetName(i).Trim()).ToList();
            var at = fields.InOrder.Select(name => string.IsNullOrWhiteSpace(name) ? -1 : headed.IndexOf(name.Trim())).ToList();
            for (var i = 0; i < at.Count; i++)
            {
                if (at[i] < 0 && !string.IsNullOrWhiteSpace(fields.InOrder[i]))
                    return ([], new(Names[i], $"{Names[i]} '{fields.InOrder[i]}' is no column; there are {string.Join(", ", headed)}."));
            }
            var columns = at.Select(i => i < 0 ? null : new List<string>()).ToList();
            while (csv.Read() && columns[0]!.Count <= MostRows)
            {
                for (var i = 0; i < at.Count; i++)
                    columns[i]?.Add(csv.Cell(at[i]));
            }
            return (columns, null);
        }
        catch (CsvFormatException malformed)
        {
            return ([], CsvText.Malformed(malformed));
        }
    }

    /// <summary>
    /// Moments as days at the site. Where all stand at midnight they are the names of days, whatever their offset says.
    /// </summary>
    private static List<string> Days(IReadOnlyList<string> dates, TimeZoneInfo zone)
    {
        var moments = dates.Select(Moment).ToList();
        if (moments.TrueForAll(m => m is null || m.Value.TimeOfDay == TimeSpan.Zero))
            return [.. dates.Select((text, i) => IsSeconds(text) && moments[i] is { } m ? Day(m) : text)];
        return [.. dates.Select((text, i) => moments[i] is { } m ? Day(TimeZoneInfo.ConvertTime(m, zone)) : text)];
    }

    private static string Day(DateTimeOffset moment) => moment.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);

    /// <summary>Null where the text says no offset: then its day is the one that is written.</summary>
    private static DateTimeOffset? Moment(string text)
    {
        if (IsSeconds(text))
            return DateTimeOffset.FromUnixTimeSeconds(long.Parse(text, CultureInfo.InvariantCulture));
        var time = text.IndexOf('T', StringComparison.Ordinal);
        return
            time > 0
            && text.AsSpan(time).IndexOfAny("Z+-") > 0
            && DateTimeOffset.TryParse(text, CultureInfo.InvariantCulture, out var moment)
            ? moment
            : null;
    }

    private static bool IsSeconds(string text) => text.Length is 9 or 10 && text.All(char.IsAsciiDigit);
}
