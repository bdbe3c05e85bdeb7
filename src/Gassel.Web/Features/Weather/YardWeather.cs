using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Data;
using Gassel.Data.Readings;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Weather;

/// <summary>
/// Puts the yard's weather together: its own thermometer, the site's record, the forecast, and the mean of the years beyond.
/// </summary>
internal sealed class YardWeather(WeatherBook weather, ForecastBook forecasts, ReadingBook readings, Library library, SiteClock clock)
    : IDisposable
{
    /// <summary>So far back, days: a winter and the autumn before it.</summary>
    private const int BackDays = 420;

    private readonly SemaphoreSlim _turn = new(1, 1);
    private (Key Key, YardSky Sky)? _kept;
    private volatile KeptRecord? _record;
    private long _version;

    private sealed record KeptRecord(int Record, IReadOnlyList<DailyTemperature> Days);

    /// <param name="Changes">Of what is known already: a file read, a thermometer set aside. Counts at once.</param>
    /// <param name="Readings">New ones, a handful at a time.</param>
    private readonly record struct Key(int? Record, DateOnly Today, double OffsetK, long Readings, string Zone, long Changes, long Words);

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

    /// <summary>Days of the site's own thermometers in the open.</summary>
    public async Task<IReadOnlyList<TemperatureDay>> OwnDays() =>
        [
            .. (await library.Places())
                .Where(p => p.Exposure == Exposure.Open)
                .SelectMany(p => readings.Days(p.Id, Core.Treatments.ColdResponse.Usual, clock.LocalTimeZone)),
        ];

    /// <summary>The record was changed past this.</summary>
    public void Forget()
    {
        _record = null;
        _kept = null;
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
                spots.Sum(readings.ChangesOf),
                forecasts.Version
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

    /// <summary>What is foretold from today on.</summary>
    public Task<Forecast> Forecast(CancellationToken cancel = default) => Foretold(clock.Today, cancel);

    private async Task<Forecast> Foretold(DateOnly from, CancellationToken cancel)
    {
        var words = await forecasts.From(from).WaitAsync(cancel);
        return Core.Climate.Forecast.Of(words, TimeZoneInfo.ConvertTime(clock.GetUtcNow(), clock.LocalTimeZone));
    }

    /// <summary>A probe speaks every ten minutes; the days are made anew about every two hours.</summary>
    private const int ReadingsATurn = 12;

    public void Dispose() => _turn.Dispose();

    private async Task<YardSky> Make(List<string> spots, CancellationToken cancel)
    {
        var (today, offsetK) = (clock.Today, clock.Settings.FrostOffsetK);
        var from = today.AddDays(-BackDays);
        var foretold = await Foretold(from, cancel);
        var days = foretold.ToServiceDays();
        (string, IReadOnlyList<ServiceDay>)? said = days.Count > 0 ? (foretold.Words, days) : null;
        var measured = spots.SelectMany(p => readings.Days(p, Core.Treatments.ColdResponse.Usual, clock.LocalTimeZone));
        var (whole, working) = SiteWeather.Together(Record(), said, measured, from, today, offsetK);
        var standard = clock.LocalTimeZone.BaseUtcOffset;
        var hours =
            whole.Count == 0 ? [] : ContainerHours.FromDays([.. whole.Select(d => d.ToWholeDay())], clock.Site?.Latitude ?? 0, standard);
        return new(whole, hours, working, ++_version, standard);
    }
}
