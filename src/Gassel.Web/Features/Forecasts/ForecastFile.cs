using Gassel.Core.Climate;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Sylvan.Data.Csv;

namespace Gassel.Web.Features.Forecasts;

/// <summary>A forecast from a file, its columns of any name.</summary>
internal static class ForecastFile
{
    /// <param name="by">Who brings it.</param>
    public static (ForecastTrial? Trial, ForecastReading? Reading, Refusal? Refusal) Read(
        byte[] bytes,
        ForecastFileQuestion question,
        string by,
        SiteClock clock
    )
    {
        var (text, notText) = CsvText.Decode(bytes, "name its columns");
        if (text is null)
            return (null, null, notText);
        List<string> columns;
        try
        {
            using var csv = CsvText.Open(text);
            columns = [.. Enumerable.Range(0, csv.FieldCount).Select(i => csv.GetName(i).Trim())];
        }
        catch (CsvFormatException malformed)
        {
            return (null, null, CsvText.Malformed(malformed));
        }
        var fields = question.Fields ?? Guess(columns);
        var (rows, refusal) = ForecastAnswer.Read(text, ForecastFormat.Csv, fields, clock.LocalTimeZone);
        if (refusal is not null)
            return (ForecastTrial.Of(text, null, refusal) with { Columns = columns, Fields = fields, Units = question.Units }, null, null);
        var units = question.Units ?? new(WeatherRows.GuessUnit(rows.Select(r => r.High)));
        var order = question.Order ?? DayTexts.GuessOrder(rows.Select(r => r.Date));
        var reading = new ForecastRows(order, units, clock.Today, clock.GetUtcNow(), ForecastSource.File, $"from a file, {by}").Read(
            rows,
            clock.Today
        );
        var none = reading.Days.Count == 0 ? new Refusal("file", "No day from today on can be used.") : null;
        return (ForecastTrial.Of(text, reading, none) with { Columns = columns, Fields = fields, Units = units }, reading, null);
    }

    private static ForecastFields Guess(List<string> columns)
    {
        string? Named(params string[] words) => columns.Find(c => words.Any(w => c.Contains(w, StringComparison.OrdinalIgnoreCase)));
        return new(
            Named("date", "day", "time") ?? columns[0],
            null,
            Named("min", "low"),
            Named("max", "high"),
            Named("gust", "wind"),
            Named("rain", "precip"),
            Named("snow")
        );
    }
}
