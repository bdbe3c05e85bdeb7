using System.Runtime.CompilerServices;
using System.Text;
using Gassel.Core;
using Gassel.Core.Climate;
using Gassel.Web.Problems;
using Sylvan.Data.Csv;

namespace Gassel.Web.Features.Temperature;

/// <summary>A file of readings with columns of any name, read as it streams in.</summary>
internal sealed class LoggerFile : IAsyncDisposable
{
    /// <summary>Enough to guess by and to show.</summary>
    private const int FirstRows = 2000;
    private const int RowsAChunk = 20_000;
    private const int Shown = 5;
    private static readonly char[] Delimiters = ['\t', ';', ','];

    private readonly CsvDataReader _csv;
    private readonly LoggerRows _rows;
    private readonly TimeZoneInfo _zone;
    private readonly List<string> _columns;
    private readonly (int At, int? Time, int Temp) _at;
    private readonly (DayOrder Order, TemperatureUnit Unit, LoggerClock Clock) _how;
    private readonly List<(string When, string Time, string Temp)> _first;
    private readonly string? _unitDoubt;
    private readonly Dictionary<LoggerFault, RefusedRows> _refused = [];
    private readonly List<SampleReading> _sample = [];
    private TemperatureReading? _last;
    private (long Min, long Max) _span = (long.MaxValue, long.MinValue);
    private long _read;
    private long _readings;
    private (int Count, double Hours) _gaps;
    private int _jumps;

    private LoggerFile(
        CsvDataReader csv,
        List<string> columns,
        (int At, int? Time, int Temp) at,
        (DayOrder Order, TemperatureUnit Unit, LoggerClock Clock) how,
        List<(string When, string Time, string Temp)> first,
        TimeZoneInfo zone,
        DateTimeOffset now,
        string? unitDoubt
    )
    {
        (_csv, _columns, _at, _how, _first, _zone, _unitDoubt) = (csv, columns, at, how, first, zone, unitDoubt);
        _rows = new(how.Order, how.Unit, how.Clock, zone, now);
    }

    public bool IsUnitInDoubt => _unitDoubt is not null;

    /// <summary>Reads the names of the columns and the first rows, and decides how the rest is to be understood.</summary>
    /// <param name="placeC">What the place is usually at, °C.</param>
    public static async Task<(LoggerFile? File, Refusal? Refusal)> Open(
        Stream stream,
        LoggerFileQuestion question,
        double placeC,
        TimeZoneInfo zone,
        DateTimeOffset now,
        CancellationToken cancel
    )
    {
        var text = new StreamReader(stream, Encoding.UTF8, detectEncodingFromByteOrderMarks: true, bufferSize: 1 << 16);
        var header = await text.ReadLineAsync(cancel);
        if (string.IsNullOrWhiteSpace(header))
            return (null, new("file", "The file is empty; the first line must name its columns, such as time,temperature."));
        if (header.Contains('\0', StringComparison.Ordinal))
            return (null, new("file", "The file is not text; save it as CSV."));
        var delimiter = Delimiters.MaxBy(d => header.Count(c => c == d));
        using var names = CsvDataReader.Create(
            new StringReader(header),
            new CsvDataReaderOptions { Delimiter = delimiter, HasHeaders = true }
        );
        var columns = Enumerable.Range(0, names.FieldCount).Select(i => names.GetName(i).Trim()).ToList();
        if (columns.Count < 2)
            return (
                null,
                new("file", $"The first line was '{Short(header)}'; it must name a time and a temperature, such as time,temperature.")
            );
        var csv = await CsvDataReader.CreateAsync(
            text,
            new CsvDataReaderOptions
            {
                Delimiter = delimiter,
                HasHeaders = false,
                BufferSize = 1 << 16,
            },
            cancel
        );
        var first = new List<(string When, string Time, string Temp)>();
        int at,
            temp;
        int? time;
        try
        {
            var more = await csv.ReadAsync(cancel);
            List<string> cells = more ? [.. Enumerable.Range(0, csv.RowFieldCount).Select(csv.Cell)] : [];
            (at, time, temp) = Columns(question, columns, cells);
            foreach (var (field, column) in new[] { ("atColumn", at), ("timeColumn", time ?? 0), ("tempColumn", temp) })
            {
                if (Limits.Whole(field, column, 0, columns.Count - 1) is { } outside)
                    return (null, outside);
            }
            if (temp == at || temp == time)
                return (null, new("tempColumn", "Time and temperature must be different columns."));
            for (; more; more = first.Count < FirstRows && await csv.ReadAsync(cancel))
                first.Add((csv.Cell(at), time is { } t ? csv.Cell(t) : "", csv.Cell(temp)));
        }
        catch (CsvFormatException malformed)
        {
            return (null, CsvText.Malformed(malformed));
        }
        var order = question.Order ?? DayTexts.GuessOrder(first.Select(f => f.When));
        var told =
            columns[temp].Contains("°F", StringComparison.OrdinalIgnoreCase)
            || columns[temp].Contains("fahrenheit", StringComparison.OrdinalIgnoreCase)
            || columns[temp].EndsWith("(F)", StringComparison.OrdinalIgnoreCase);
        var unit = question.Unit ?? (told ? TemperatureUnit.Fahrenheit : TemperatureUnit.Celsius);
        var trial = new LoggerRows(order, unit, question.Clock, zone, now);
        var values = new List<double>();
        foreach (var row in first)
        {
            if (trial.Read(row.When, row.Time, row.Temp, out var reading) == LoggerFault.None)
                values.Add(reading.TempC);
        }
        var doubt =
            question.UnitSure ? null
            : LoggerRows.OtherUnit(values, unit, placeC) is { } other ? DoubtWords(values, unit, other, placeC)
            : null;
        return (new LoggerFile(csv, columns, (at, time, temp), (order, unit, question.Clock), first, zone, now, doubt), null);
    }

    /// <summary>The readings, in chunks as they arrive.</summary>
    /// <exception cref="CsvFormatException">The file is not well-formed further on.</exception>
    public async IAsyncEnumerable<ReadOnlyMemory<TemperatureReading>> Chunks([EnumeratorCancellation] CancellationToken cancel = default)
    {
        var chunk = new TemperatureReading[RowsAChunk];
        var filled = 0;
        foreach (var (when, time, temp) in _first)
        {
            if (Take(when, time, temp, out var reading))
                chunk[filled++] = reading;
        }
        while (await _csv.ReadAsync(cancel))
        {
            if (filled == RowsAChunk)
            {
                yield return chunk;
                filled = 0;
            }
            var time = _at.Time is { } apart ? Field(apart) : default;
            if (Take(Field(_at.At), time, Field(_at.Temp), out var reading))
                chunk[filled++] = reading;
        }
        if (filled > 0)
            yield return chunk.AsMemory(0, filled);
    }

    public LoggerFileReport Report()
    {
        var skipped = _refused.GetValueOrDefault(LoggerFault.SkippedHour);
        return new(
            _columns,
            _at.At,
            _at.Time,
            _at.Temp,
            _how.Order,
            _how.Unit,
            _how.Clock,
            _read,
            _readings,
            _sample,
            _readings == 0 ? null : Local(_span.Min),
            _readings == 0 ? null : Local(_span.Max),
            [.. _refused.Values.OrderByDescending(r => r.Count)],
            _gaps.Count,
            _gaps.Hours,
            _jumps,
            _unitDoubt,
            skipped is null
                ? null
                : $"{skipped.FirstCells} lies in the hour that clocks skip here in spring: this logger keeps one time "
                    + $"all year. Read it by the site's standard time, or by UTC."
        );
    }

    public ValueTask DisposeAsync() => _csv.DisposeAsync();

    /// <summary>As named by the grower, else by the names of the columns, else by what stands in the first row.</summary>
    private static (int At, int? Time, int Temp) Columns(LoggerFileQuestion question, List<string> columns, List<string> cells)
    {
        int? Named(params string[] words) =>
            words
                .Select(word => columns.FindIndex(c => c.Contains(word, StringComparison.OrdinalIgnoreCase)))
                .Where(i => i >= 0)
                .Select(i => (int?)i)
                .FirstOrDefault();
        var at = question.AtColumn
            ?? Named("timestamp", "datetime", "date", "time")
            ?? Math.Max(0, cells.FindIndex(c => LoggerRows.IsMoment(c)));
        bool DayAlone(int column) =>
            !columns[column].Contains("time", StringComparison.OrdinalIgnoreCase)
            && column < cells.Count
            && !cells[column].Contains(':', StringComparison.Ordinal);
        var time = question.TimeColumn;
        if (
            time is null
            && question.AtColumn is null
            && DayAlone(at)
            && columns.FindIndex(c => c.Contains("time", StringComparison.OrdinalIgnoreCase)) is >= 0 and var apart
            && apart != at
        )
            time = apart;
        var temp = question.TempColumn
            ?? Named("temp", "celsius", "fahrenheit", "°")
            // a number of the row comes first, what was measured later
            ?? Enumerable
                .Range(0, columns.Count)
                .Where(i => i != at && i != time)
                .OrderBy(i => i < cells.Count && char.IsAsciiDigit(cells[i].LastOrDefault()) ? i : -1)
                .Last();
        return (at, time, temp);
    }

    private ReadOnlySpan<char> Field(int column) => column < _csv.RowFieldCount ? _csv.GetFieldSpan(column) : default;

    private bool Take(ReadOnlySpan<char> when, ReadOnlySpan<char> time, ReadOnlySpan<char> temp, out TemperatureReading reading)
    {
        reading = default;
        if (when.IsEmpty && temp.IsEmpty)
            return false;
        _read++;
        var fault = _rows.Read(when, time, temp, out reading);
        if (fault != LoggerFault.None)
        {
            _refused[fault] = _refused.TryGetValue(fault, out var before)
                ? before with
                {
                    Count = before.Count + 1,
                }
                : new(fault, Why(fault), 1, _read + 1, Short($"{when} {time} {temp}".Replace("  ", " ", StringComparison.Ordinal)));
            return false;
        }
        _readings++;
        if (_sample.Count < Shown)
            _sample.Add(new(Local(reading.UnixMs), Math.Round(reading.TempC, 2)));
        _span = (Math.Min(_span.Min, reading.UnixMs), Math.Max(_span.Max, reading.UnixMs));
        if (_last is { } last && (reading.UnixMs - last.UnixMs) / 3_600_000.0 is > ReadingDays.LongestGapHours and var hours)
            _gaps = (_gaps.Count + 1, _gaps.Hours + hours);
        if (_last is { } good && ReadingJumps.IsJump(good, reading))
            _jumps++;
        else
            _last = reading;
        return true;
    }

    private DateTimeOffset Local(long unixMs) => TimeZoneInfo.ConvertTime(DateTimeOffset.FromUnixTimeMilliseconds(unixMs), _zone);

    private string Why(LoggerFault fault) =>
        fault switch
        {
            LoggerFault.Future => "Later than now; look at the logger's clock and at the order of the date.",
            LoggerFault.SkippedHour => "In the hour that clocks skip in spring, which does not exist here.",
            LoggerFault.Temperature => Text.Of(
                $"No temperature; valid is a number from {Quantity.Temperature(LoggerRows.ColdestC)} to "
                    + $"{Quantity.Temperature(LoggerRows.HottestC)}."
            ),
            _ => $"No moment that exists, read with the {_how.Order.Words()}; valid is a day and a time such as 2027-03-14 09:00.",
        };

    private static string DoubtWords(List<double> readC, TemperatureUnit unit, TemperatureUnit other, double placeC)
    {
        var middle = readC.Order().ElementAt(readC.Count / 2);
        var (asTold, asOther) =
            unit == TemperatureUnit.Celsius ? (middle, (middle - 32) / 1.8) : ((middle * 1.8) + 32, (middle * 1.8) + 32);
        return Text.Of(
            $"The column is read as {Sign(unit)}, and its middle value, {asTold:0.#}, would make {Quantity.Temperature(middle)} of a "
                + $"place that is taken to be at {Quantity.Temperature(placeC)}. As {Sign(other)} it is "
                + $"{Quantity.Temperature(asOther)}. Which is it?"
        );
    }

    private static string Sign(TemperatureUnit unit) => unit == TemperatureUnit.Celsius ? "°C" : "°F";

    private static string Short(string text) => text.Trim() is { Length: > 60 } all ? all[..60] + "…" : text.Trim();
}
