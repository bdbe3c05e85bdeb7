using System.Collections.Concurrent;
using System.Globalization;
using Gassel.Core;
using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Web.Features.Weather;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Yard;

/// <summary>Set-out windows by the site's own record, simulated once for a kind of container and care.</summary>
internal sealed class WinterBook(YardWeather weather, SiteClock clock)
{
    private readonly ConcurrentDictionary<
        (string Parameters, CapPosition Cap, int? Record, double OffsetK, DateOnly From),
        WinterRuns
    > _runs = [];

    public DateOnly From => Winters.SetOutFrom(Season, South);

    /// <summary>The winter that the next set-out belongs to.</summary>
    public int Season => Winters.ToSetOut(clock.Today, South);

    private bool South => (clock.Site?.Latitude ?? 0) < 0;

    /// <summary>The record was changed past this.</summary>
    public void Forget() => _runs.Clear();

    /// <summary>Weekly days through the winter.</summary>
    public IReadOnlyList<DateOnly> Dates => [.. Enumerable.Range(0, 29).Select(i => From.AddDays(7 * i))];

    /// <summary>Null without a record of the right hemisphere; then why.</summary>
    public (WinterRuns? Runs, string? Withheld) Runs(ContainerParameters parameters, CapPosition cap)
    {
        var daily = weather.Record();
        var latitude = clock.Site?.Latitude ?? 0;
        if (daily.Count == 0)
            return (null, "No weather record: import the daily minima and maxima of a station near by on Site.");
        if (WinterRuns.WrongHemisphere(daily, latitude) is { } warmest)
        {
            return (
                null,
                Text.Of(
                    $"The record is warmest in {CultureInfo.InvariantCulture.DateTimeFormat.GetMonthName(warmest)}, "
                        + $"and the site lies at {latitude:0.#}°: the record or the latitude is of the other hemisphere."
                )
            );
        }
        var offsetK = clock.Settings.FrostOffsetK;
        return (
            _runs.GetOrAdd((parameters.ToString(), cap, clock.Site?.WeatherRecordId, offsetK, From), _ => new WinterRuns(
                [.. daily.Select(d => d with { MinC = d.MinC + offsetK, MaxC = d.MaxC + offsetK })],
                latitude,
                parameters,
                new(cap),
                From
            )),
            null
        );
    }
}
