using Gassel.Core.Climate;
using Gassel.Web.Problems;
using Sylvan.Data.Csv;

namespace Gassel.Web.Features.Weather;

/// <summary>A file of daily minima and maxima with columns of any name.</summary>
internal static class WeatherFile
{
    private const int MaxRows = 40_000;
    private const int Shown = 200;

    public static ((WeatherFileReport Report, IReadOnlyList<DailyTemperature> Days)? Reading, Refusal? Refusal) Read(
        byte[] bytes,
        WeatherFileQuestion question
    )
    {
        var (text, notText) = CsvText.Decode(bytes, "name its columns");
        if (text is null)
            return (null, notText);
        var firstLine = text.Split('\n', 2)[0];
        using var csv = CsvText.Open(text);
        var columns = Enumerable.Range(0, csv.FieldCount).Select(i => csv.GetName(i).Trim()).ToList();
        if (columns.Count < 3)
            return (
                null,
                new(
                    "file",
                    $"The first line was '{firstLine.Trim()}'; it must name a day, a minimum and a maximum, such as date,tmin,tmax."
                )
            );
        int? Guess(string word) =>
            columns.FindIndex(c => c.Contains(word, StringComparison.OrdinalIgnoreCase)) is >= 0 and var at ? at : null;
        int[] chosen =
        [
            question.DateColumn ?? Guess("date") ?? Guess("day") ?? 0,
            question.MinColumn ?? Guess("min") ?? 1,
            question.MaxColumn ?? Guess("max") ?? 2,
        ];
        string[] names = ["dateColumn", "minColumn", "maxColumn"];
        for (var i = 0; i < 3; i++)
        {
            if (Limits.Whole(names[i], chosen[i], 0, columns.Count - 1) is { } outside)
                return (null, outside);
        }
        if (chosen.Distinct().Count() < 3)
            return (null, new("maxColumn", "Day, minimum and maximum must be three different columns."));

        var rows = new List<WeatherCells>();
        try
        {
            while (csv.Read())
            {
                if (rows.Count == MaxRows)
                    return (null, new("file", $"The file has more than {MaxRows} rows; split it."));
                var row = new WeatherCells(rows.Count + 2, csv.Cell(chosen[0]), csv.Cell(chosen[1]), csv.Cell(chosen[2]));
                if (csv.RowFieldCount > 1 || row.Date.Length > 0)
                    rows.Add(row);
            }
        }
        catch (CsvFormatException malformed)
        {
            return (null, CsvText.Malformed(malformed));
        }
        var order = question.Order ?? DayTexts.GuessOrder(rows.Select(r => r.Date));
        var unit = question.Unit ?? WeatherRows.GuessUnit(rows.Select(r => r.Max));
        var read = WeatherRows.Read(rows, order, unit);
        return (
            (
                new(
                    columns,
                    chosen[0],
                    chosen[1],
                    chosen[2],
                    order,
                    unit,
                    [.. read.Days.Take(5)],
                    read.Days.Count,
                    read.Days.Count == 0 ? null : read.Days[0].Date,
                    read.Days.Count == 0 ? null : read.Days[^1].Date,
                    [.. read.Refused.Take(Shown)],
                    read.Refused.Count,
                    [.. read.Gaps.Take(Shown)],
                    read.Gaps.Sum(g => g.To.DayNumber - g.From.DayNumber + 1)
                ),
                read.Days
            ),
            null
        );
    }
}
