using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Data;
using Gassel.Data.Devices;
using Gassel.Data.Readings;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Weather;

/// <summary>
/// Puts the yard's weather together: its own thermometer, the site's record, the weather service, and the mean of the years beyond.
/// </summary>
internal sealed class YardWeather(WeatherBook weather, ReadingBook readings, Library library, SiteClock clock) : IDisposable
{
    /// <summary>So far back, days: a winter and the autumn before it.</summary>
    private const int BackDays = 420;

    /// <summary>Typical days beyond the outlook.</summary>
    private const int TypicalDays = 150;

    /// <summary>Years from which a mean of the same day says something (our assumption).</summary>
    private const int YearsForTypical = 5;

    /// <summary>A day of the yard's thermometer counts with so many hours.</summary>
    private const double HoursOfADay = 20;

    private readonly SemaphoreSlim _turn = new(1, 1);
    private (Key Key, YardSky Sky)? _kept;
    private volatile KeptRecord? _record;
    private long _version;

    private sealed record KeptRecord(int Record, IReadOnlyList<DailyTemperature> Days);

    /// <param name="Changes">Of what is known already: a file read, a thermometer set aside. Counts at once.</param>
    /// <param name="Readings">New ones, a handful at a time.</param>
    private readonly record struct Key(int? Record, DateOnly Today, double OffsetK, long Readings, string Zone, long Changes);

    /// <summary>Null where no weather is known at all.</summary>
    public IWeatherService? Service => clock.IsDemo ? Simulated : null;

    private static readonly SimulatedWeather Simulated = new();

    /// <summary>Days of the site's weather record; empty without one.</summary>
    public IReadOnlyList<DailyTemperature> Record()
    {
        if (clock.Site?.WeatherRecordId is not { } id)
            return [];
        if (_record is { } kept && kept.Record == id)
            return kept.Days;
        var days = weather.Days(id);
        _record = new(id, days);
        return days;
    }

    public async Task<YardSky> Sky(CancellationToken cancel = default)
    {
        await _turn.WaitAsync(cancel);
        try
        {
            var spots = (await library.Places()).Where(p => p.Exposure == Exposure.Open).Select(p => p.Id).ToList();
            var key = new Key(
                clock.Site?.WeatherRecordId,
                clock.Today,
                clock.Settings.FrostOffsetK,
                spots.Sum(readings.VersionOf) / ReadingsATurn,
                clock.LocalTimeZone.Id,
                spots.Sum(readings.ChangesOf)
            );
            if (_kept is { } kept && kept.Key == key)
                return kept.Sky;
            var sky = await Make(spots, cancel);
            _kept = (key, sky);
            return sky;
        }
        finally
        {
            _turn.Release();
        }
    }

    /// <summary>A probe speaks every ten minutes; the days are made anew about every two hours.</summary>
    private const int ReadingsATurn = 12;

    public void Dispose() => _turn.Dispose();

    private async Task<YardSky> Make(List<string> spots, CancellationToken cancel)
    {
        var (today, offsetK) = (clock.Today, clock.Settings.FrostOffsetK);
        var from = today.AddDays(-BackDays);
        var (known, working) = (new SortedDictionary<DateOnly, YardDay>(), new List<string>());
        var record = Record();
        foreach (var day in record.Where(d => d.Date >= from && d is { MinC: not null, MaxC: not null }))
        {
            known[day.Date] = new(
                day.Date,
                day.MinC!.Value + offsetK,
                day.MaxC!.Value + offsetK,
                day.SnowCm ?? 0,
                null,
                null,
                day.Date < today ? YardDaySource.Recorded : YardDaySource.Outlook
            );
        }
        if (known.Count > 0)
            working.Add(
                $"Weather record of the site from {Core.DayWords.Of(known.Keys.First())} to {Core.DayWords.Of(known.Keys.Last())}."
            );
        if (Service is { } service)
        {
            foreach (var day in await service.Days(from, today, cancel))
            {
                var there = known.TryGetValue(day.Date, out var old) && old.Source == YardDaySource.Recorded;
                known[day.Date] = there
                    ? old with
                    {
                        Wet = day.Wet,
                        GustKmh = day.GustKmh,
                    }
                    : new(
                        day.Date,
                        day.MinC + offsetK,
                        day.MaxC + offsetK,
                        day.SnowCm,
                        day.Wet,
                        day.GustKmh,
                        day.Observed ? YardDaySource.Recorded : YardDaySource.Outlook
                    );
            }
            working.Add($"Since then and a week ahead by the {service.Name}.");
        }
        var measured = spots
            .SelectMany(p => readings.Days(p, Core.Treatments.ColdResponse.Usual, clock.LocalTimeZone))
            .Where(d => d.CoveredHours >= HoursOfADay && d.Date >= from && d.Date < today)
            .ToList();
        foreach (var day in measured)
        {
            known[day.Date] = known.TryGetValue(day.Date, out var old)
                ? old with
                {
                    MinC = day.MinC,
                    MaxC = day.MaxC,
                    Source = YardDaySource.Recorded,
                }
                : new(day.Date, day.MinC, day.MaxC, 0, null, null, YardDaySource.Recorded);
        }
        if (measured.Count > 0)
            working.Add($"{measured.Count} days by the yard's own thermometer, from {Core.DayWords.Of(measured.Min(d => d.Date))} on.");
        var days = Whole(known, working);
        AddTypical(days, record, offsetK, working);
        var standard = clock.LocalTimeZone.BaseUtcOffset;
        var hours =
            days.Count == 0 ? [] : ContainerHours.FromDays([.. days.Select(d => d.ToWholeDay())], clock.Site?.Latitude ?? 0, standard);
        return new(days, hours, working, ++_version, standard);
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
            working.Add("Beyond that the mean of the same days over the years on record: no cold night stands out in a mean.");
    }
}
