namespace Gassel.Core.Climate;

/// <summary>
/// Reads a forecast as files and services tell it: a row a day, or a row an hour; in any order of date parts and in the usual units.
/// </summary>
/// <param name="from">Days before it are left out.</param>
/// <param name="toldAt">Kept with each word, as are <paramref name="source"/> and <paramref name="by"/>.</param>
public sealed class ForecastRows(
    DayOrder order,
    ForecastUnits units,
    DateOnly from,
    DateTimeOffset toldAt,
    ForecastSource source,
    string by
)
{
    /// <summary>Rows of a day from which on it is taken to be told hour by hour (our assumption: nobody tells a day twice).</summary>
    private const int HourlyFrom = 3;

    /// <param name="today">At the site; from it a forecast looks ahead.</param>
    public ForecastReading Read(IEnumerable<ForecastCells> rows, DateOnly today)
    {
        var (good, refused, past) = (new List<(ForecastCells Row, ForecastWord Word)>(), new List<RefusedRow>(), 0);
        foreach (var row in rows)
        {
            var (word, fault) = Judge(row, today);
            if (word is null)
                refused.Add(Refused(row, fault!));
            else if (word.Date < from)
                past++;
            else
                good.Add((row, word));
        }
        var days = good.GroupBy(g => g.Word.Date).OrderBy(g => g.Key).Select(g => g.ToList()).ToList();
        var fullest = days.Select(d => d.Count).DefaultIfEmpty().Max();
        var words = new List<ForecastWord>();
        foreach (var day in days)
        {
            var (word, fault) = OfDay(day, fullest);
            if (word is not null)
                words.Add(word);
            else
                refused.Add(Refused(day[0].Row, fault!));
        }
        return new(words, [.. refused.OrderBy(r => r.Line)], past);
    }

    private static RefusedRow Refused(ForecastCells row, string fault) =>
        new(row.Line, string.Join(", ", new[] { row.Date, row.Low, row.High, row.Gust, row.Rain, row.Snow }), fault);

    private static (ForecastWord? Word, string? Fault) OfDay(List<(ForecastCells Row, ForecastWord Word)> day, int fullest)
    {
        if (day.Count == 1 && fullest < HourlyFrom)
            return (day[0].Word, null);
        if (fullest < HourlyFrom)
            return (null, $"{day[0].Word.Date:yyyy-MM-dd} stands twice; each day may appear once.");
        // what is missing of a night may have been its coldest hour
        if (day.Count * 24 < fullest * SiteWeather.HoursOfADay)
            return (null, Text.Of($"{day[0].Word.Date:yyyy-MM-dd} has {day.Count} of {fullest} rows; so few do not tell its low."));
        return (
            day[0].Word with
            {
                LowC = day.Min(d => d.Word.LowC),
                HighC = day.Max(d => d.Word.HighC),
                GustKmh = day.Max(d => d.Word.GustKmh),
                RainMm = day.Exists(d => d.Word.RainMm is not null) ? day.Sum(d => d.Word.RainMm) : null,
                SnowCm = day.Max(d => d.Word.SnowCm),
            },
            null
        );
    }

    private (ForecastWord? Word, string? Fault) Judge(ForecastCells row, DateOnly today)
    {
        if (DayTexts.Day(row.Date, order) is not { } date)
            return (null, $"date was '{row.Date}'; valid is a day that exists, read with the {order.Words()}.");
        if (date > today.AddDays(Forecast.MostDaysAhead))
            return (null, Text.Of($"{date:yyyy-MM-dd} is more than {Forecast.MostDaysAhead} days ahead; so far no forecast holds."));
        string? fault = null;
        double? Number(string field, string text, Func<double, double> convert, double min, double max)
        {
            // services write a missing value so
            if (text.Length == 0 || text is "null" or "NaN" or "-")
                return null;
            if (WeatherRows.Number(text) is { } number && convert(number) is var value && value >= min && value <= max)
                return value;
            fault ??= Text.Of($"{field} was '{text}'; valid is a number that can be, in the unit chosen.");
            return null;
        }
        var word = new ForecastWord(
            date,
            Number("low", row.Low, units.ToC, ForecastBounds.ColdestC, ForecastBounds.HottestC),
            Number("high", row.High, units.ToC, ForecastBounds.ColdestC, ForecastBounds.HottestC),
            Number("gusts", row.Gust, units.ToKmh, 0, ForecastBounds.MostKmh),
            Number("rain", row.Rain, units.ToRainMm, 0, ForecastBounds.MostRainMm),
            Number("snow", row.Snow, units.ToSnowCm, 0, ForecastBounds.MostSnowCm),
            toldAt,
            source,
            by
        );
        if (fault is not null)
            return (null, fault);
        if (word is { LowC: null, HighC: null, GustKmh: null, RainMm: null, SnowCm: null })
            return (null, "the row tells no low, no high, no gusts, no rain and no snow.");
        return word.LowC > word.HighC ? (null, $"low {row.Low} is above high {row.High}; the two may be swapped.") : (word, null);
    }
}
