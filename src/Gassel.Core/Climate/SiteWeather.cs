namespace Gassel.Core.Climate;

/// <summary>
/// The weather of a site put together from its sources. The record lies below, over it what the weather service saw and foresees, over that
/// what the site's own thermometer measured; beyond all of them stands the mean of the same days over the years.
/// </summary>
/// <param name="Days">Without a gap: recorded, then the outlook, then typical days; empty where nothing is known.</param>
/// <param name="Working">What the days rest on, and what is missing.</param>
public sealed record SiteWeather(IReadOnlyList<YardDay> Days, IReadOnlyList<string> Working)
{
    /// <summary>Typical days beyond the outlook.</summary>
    private const int TypicalDays = 150;

    /// <summary>Years from which a mean of the same day says something (our assumption).</summary>
    private const int YearsForTypical = 5;

    /// <summary>A day of the thermometer counts with so many hours (our assumption).</summary>
    public const double HoursOfADay = 20;

    /// <param name="record">Days of the site's record, in order; from them the typical days as well.</param>
    /// <param name="service">What is foretold and what a service saw, in order, with what is to be said of it; null for nothing.</param>
    /// <param name="measured">Days of the site's own thermometers.</param>
    /// <param name="from">First day of interest; earlier ones only make the mean.</param>
    /// <param name="today">Days before it are past.</param>
    /// <param name="offsetK">The site against station and service; its own thermometer needs none.</param>
    public static SiteWeather Together(
        IReadOnlyList<DailyTemperature> record,
        (string Words, IReadOnlyList<ServiceDay> Days)? service,
        IEnumerable<TemperatureDay> measured,
        DateOnly from,
        DateOnly today,
        double offsetK
    )
    {
        var (known, working) = (new SortedDictionary<DateOnly, YardDay>(), new List<string>());
        Recorded(known, record.Where(d => d.Date >= from), today, offsetK);
        if (known.Count > 0)
            working.Add($"Weather record of the site from {Quantity.Day(known.Keys.First())} to {Quantity.Day(known.Keys.Last())}.");
        if (service is { } said)
        {
            Said(known, said.Days, offsetK);
            working.Add(said.Words);
        }
        var own = measured.Where(d => d.CoveredHours >= HoursOfADay && d.Date >= from && d.Date < today).ToList();
        Measured(known, own);
        if (own.Count > 0)
            working.Add($"{own.Count} days from the yard's own thermometer, from {Quantity.Day(own.Min(d => d.Date))} on.");
        var days = Whole(known, working);
        AddTypical(days, record, offsetK, working);
        return new(days, working);
    }

    private static void Recorded(
        SortedDictionary<DateOnly, YardDay> known,
        IEnumerable<DailyTemperature> record,
        DateOnly today,
        double offsetK
    )
    {
        foreach (var day in record)
        {
            if (day is { MinC: { } min, MaxC: { } max })
            {
                var source = day.Date < today ? YardDaySource.Recorded : YardDaySource.Outlook;
                known[day.Date] = new(day.Date, min + offsetK, max + offsetK, day.SnowCm ?? 0, null, null, source);
            }
        }
    }

    /// <summary>Where the record has a day, the service only adds rain and wind.</summary>
    private static void Said(SortedDictionary<DateOnly, YardDay> known, IReadOnlyList<ServiceDay> service, double offsetK)
    {
        foreach (var day in service)
        {
            var source = day.Observed ? YardDaySource.Recorded : YardDaySource.Outlook;
            known[day.Date] =
                known.TryGetValue(day.Date, out var old) && old.Source == YardDaySource.Recorded
                    ? old with
                    {
                        Wet = day.Wet ?? old.Wet,
                        GustKmh = day.GustKmh ?? old.GustKmh,
                    }
                    : new(day.Date, day.MinC + offsetK, day.MaxC + offsetK, day.SnowCm, day.Wet, day.GustKmh, source);
        }
    }

    private static void Measured(SortedDictionary<DateOnly, YardDay> known, IEnumerable<TemperatureDay> own)
    {
        foreach (var day in own)
        {
            var below = known.TryGetValue(day.Date, out var old) ? old : new(day.Date, 0, 0, 0, null, null, YardDaySource.Recorded);
            known[day.Date] = below with { MinC = day.MinC, MaxC = day.MaxC, Source = YardDaySource.Recorded };
        }
    }

    /// <summary>The last stretch without a gap of more than two days.</summary>
    private static List<YardDay> Whole(SortedDictionary<DateOnly, YardDay> known, List<string> working)
    {
        var daily = known.Values.Select(d => new DailyTemperature(d.Date, d.MinC, d.MaxC, d.SnowCm)).ToList();
        var filled = WeatherFilling.Of(daily);
        while (filled.Broken is { } gap)
        {
            working.AddRange(filled.Working);
            filled = WeatherFilling.Of(daily.SkipWhile(d => d.Date <= gap.To));
        }
        working.AddRange(filled.Working);
        return
        [
            .. filled.Days.Select(d =>
                known.TryGetValue(d.Date, out var day)
                    ? day
                    : new YardDay(d.Date, d.MinC, d.MaxC, d.SnowCm, null, null, YardDaySource.Recorded)
            ),
        ];
    }

    private static void AddTypical(List<YardDay> days, IReadOnlyList<DailyTemperature> record, double offsetK, List<string> working)
    {
        if (days.Count == 0)
            return;
        var byDay = record
            .Where(d => d.MeanC is not null)
            .GroupBy(d => (d.Date.Month, d.Date.Day))
            .ToDictionary(g => g.Key, g => (Years: g.Count(), Min: g.Average(d => d.MinC!.Value), Max: g.Average(d => d.MaxC!.Value)));
        for (var i = 0; i < TypicalDays; i++)
        {
            var date = days[^1].Date.AddDays(1);
            if (
                !byDay.TryGetValue((date.Month, date.Day), out var mean)
                && !byDay.TryGetValue((date.Month, Math.Min(28, date.Day)), out mean)
            )
                break;
            if (mean.Years < YearsForTypical && date is not { Month: 2, Day: 29 })
                break;
            days.Add(new(date, mean.Min + offsetK, mean.Max + offsetK, 0, null, null, YardDaySource.Typical));
        }
        if (days[^1].Source == YardDaySource.Typical)
            working.Add("After that: the mean of the same days in the years on record. A mean shows no single cold night.");
    }
}
