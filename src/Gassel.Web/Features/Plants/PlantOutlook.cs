using Gassel.Core.Climate;
using Gassel.Core.Due;
using Gassel.Core.Growing;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Site;
using Gassel.Web.Features.Weather;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Plants;

/// <summary>What the weather and the frosts on record mean for plants on their way out.</summary>
internal sealed class PlantOutlook(YardWeather weather, WeatherBook records, SiteClock clock)
{
    /// <summary>Recorded and forecast days of the yard; typical ones say nothing of a night or a gust.</summary>
    public async Task<IReadOnlyDictionary<DateOnly, YardDay>> Days(CancellationToken cancel = default) =>
        (await weather.Sky(cancel)).Days.Where(d => d.Source != YardDaySource.Typical).ToDictionary(d => d.Date);

    /// <summary>How this grower works, and when the ground is open to plants, by what frost they stand.</summary>
    public IReadOnlyDictionary<SeedlingHardiness, DuePractice> Practices() =>
        Enum.GetValues<SeedlingHardiness>()
            .ToDictionary(
                h => h,
                h => new DuePractice(clock.Settings.CheckSchool, clock.Settings.SeedMix, PlantingOut(h).Opens, clock.Settings.DomeSchool)
            );

    public PlantingOut PlantingOut(SeedlingHardiness hardiness)
    {
        var days = SiteFrost.Days(clock, records);
        string? On(FrostDayKind kind) => days.FirstOrDefault(d => d.Kind == kind)?.MonthDay;
        return Core.Growing.PlantingOut.Of(
            hardiness,
            SiteFrost.Outlook(clock, records),
            On(FrostDayKind.LastFrostUsual),
            On(FrostDayKind.GroundFreeze),
            clock.Settings.FrostRisk,
            clock.Today,
            (clock.Site?.Latitude ?? 0) < 0
        );
    }
}
