using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Data;
using Gassel.Web.Features.Learning;
using Gassel.Web.Features.Weather;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Yard;

/// <summary>Holds a thermometer that lay in a container against what was told of its inside, before anything is fitted to it.</summary>
internal sealed class InsideJudging(YardBook yard, YardWeather weather, ForecastBook forecasts, InsideLessons insides, SiteClock clock)
{
    /// <summary>Null where no day of it is whole, or none that was not held against it already.</summary>
    /// <param name="readings">In order of time.</param>
    public async Task<InsideMeasured?> Of(
        YardVessel vessel,
        YardContainer container,
        IReadOnlyList<TemperatureReading> readings,
        ProbeSpot spot,
        CancellationToken cancel
    )
    {
        var (run, setup, sky) = (container.Tale.Run, vessel.Setup, await weather.Sky(cancel));
        var past = sky.Days.Where(d => d.Source == YardDaySource.Recorded).Select(d => d.Date).ToHashSet();
        var known = vessel
            .Batch.State.Insides.Where(i => i.Part == vessel.Part.Id && i.Spot == spot)
            .SelectMany(i => i.Days)
            .Select(d => d.Date)
            .ToHashSet();
        var observed = ContainerCalibration
            .Hourly(run.Hours, readings)
            .Where(o => past.Contains(run.Hours[o.Hour].Date) && !known.Contains(run.Hours[o.Hour].Date))
            .ToList();
        if (observed.Count == 0)
            return null;
        var words = await forecasts.From(observed.Min(o => run.Hours[o.Hour].Date));
        var (parameters, fitted) = (yard.Parameters(setup), yard.Fitted(setup)?.Ends);
        var times = JudgedInside.TimesFor(await insides.All(), setup.Kind, parameters.UWallWm2K);
        var latitude = clock.Site?.Latitude ?? 0;
        var days = InsideDays.Of(
            run,
            day => EveningBefore.Of(day, run.Hours[0].Date, sky.Days, words, latitude, sky.Offset, clock.Settings.FrostOffsetK),
            hour => container.Life.At(hour.At),
            parameters,
            setup.StonesKg,
            ContainerDoubts.Of(parameters, fitted),
            times,
            observed,
            spot
        );
        return days.Count == 0 ? null : new(vessel.Part.Id, spot, parameters.UWallWm2K, times, days);
    }
}
