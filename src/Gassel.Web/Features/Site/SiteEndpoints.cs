using Gassel.Core.Climate;
using Gassel.Core.Planning;
using Gassel.Core.Yard;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Site;

internal static class SiteEndpoints
{
    public static void MapSite(this RouteGroupBuilder api)
    {
        api.MapGet("/site", (SiteClock clock, WeatherBook weather, Launch launch, BookFile file) => View(clock, weather, launch, file));
        api.MapPut("/site", Save).For(Role.Grower).ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
    }

    private static SiteDetails? Details(SiteClock clock) =>
        clock.Site is { } row ? new(row.Name, row.Latitude, row.TimeZone, row.LastFrost, row.WeatherRecordId, clock.Settings) : null;

    private static SiteView View(SiteClock clock, WeatherBook weather, Launch launch, BookFile file)
    {
        var days = SiteFrost.Days(clock, weather);
        return new(
            Details(clock),
            clock.GetUtcNow(),
            clock.Today,
            clock.LocalTimeZone.Id,
            days.Count == 0 ? null : YearDay.Next(days[0].MonthDay, clock.Today),
            days,
            clock.Settings,
            clock.IsDemo,
            launch.Home,
            file.Loss
        );
    }

    private static async Task<Results<Ok<SiteView>, ProblemHttpResult>> Save(
        SiteDetails site,
        string? asOf,
        Func<GasselDb> connect,
        WriteGate gate,
        SiteClock clock,
        WeatherBook weather,
        Launch launch,
        BookFile file,
        CancellationToken cancel
    )
    {
        if (Check(site) is { } refusal)
            return refusal.ToResult();
        if (site.WeatherRecordId is { } record && (await weather.Records()).All(r => r.Id != record))
        {
            return Refusal.NotFound("weatherRecordId", record, "Choose one of the weather records on Site.").ToResult();
        }
        if (site.Settings?.FrostBasis == FrostBasis.Record && site.WeatherRecordId is null)
        {
            return new Refusal(
                "settings.frostBasis",
                "Frost by the record needs a weather record; import one, or take the day by hand."
            ).ToResult();
        }
        return await gate.Write<Results<Ok<SiteView>, ProblemHttpResult>>(
            async () =>
            {
                if (Details(clock) is { } present && Stamp.Check(asOf, present) is { } changed)
                    return changed.ToResult();
                await using var db = connect();
                var row = await db.Sites.SingleOrDefaultAsync(CancellationToken.None);
                if (row is null)
                    db.Sites.Add(
                        row = new()
                        {
                            Name = "",
                            TimeZone = "",
                            LastFrost = "",
                        }
                    );
                (row.Name, row.Latitude, row.TimeZone, row.LastFrost) = (site.Name.Trim(), site.Latitude, site.TimeZone, site.LastFrost);
                row.WeatherRecordId = site.WeatherRecordId;
                if (site.Settings is { } settings)
                    row.Settings = CoreJson.Write(settings);
                await db.SaveChangesAsync(CancellationToken.None);
                await clock.Follow(db);
                return TypedResults.Ok(View(clock, weather, launch, file));
            },
            cancel
        );
    }

    private static Refusal? Check(SiteDetails site)
    {
        if ((Limits.Text("name", site.Name, 80) ?? Limits.Number("latitude", site.Latitude, -90, 90)) is { } refusal)
            return refusal;
        if (!TimeZoneInfo.TryFindSystemTimeZoneById(site.TimeZone, out var zone) || !zone.HasIanaId)
        {
            return new("timeZone", $"timeZone was '{site.TimeZone}'; valid is an IANA name such as America/Denver or Europe/Oslo.");
        }
        return SiteFrost.CheckMonthDay("lastFrost", site.LastFrost)
            ?? (
                site.Settings is { } s
                    ? Limits.Number("settings.elevationM", s.ElevationM ?? 0, -450, 6000)
                        ?? Limits.Number("settings.longitude", s.Longitude ?? 0, -180, 180)
                        ?? Limits.Number("settings.frostOffsetK", s.FrostOffsetK, -10, 10)
                        ?? Limits.Number("settings.acceptFreeze", s.AcceptFreeze, 0, 1)
                        ?? Limits.Number("settings.frostRisk", s.FrostRisk, 0, 0.5)
                        ?? Check(s.Stock)
                        ?? Check(s.Calibrations)
                        ?? (s.Costs is { } costs ? CostLimits.Check(costs, "settings.costs.") : null)
                        ?? (s.GroundFreeze is { } freeze ? SiteFrost.CheckMonthDay("settings.groundFreeze", freeze) : null)
                        ?? (s.FirstFrost is { } first ? SiteFrost.CheckMonthDay("settings.firstFrost", first) : null)
                    : null
            );
    }

    private static Refusal? Check(IReadOnlyList<KindCalibration>? calibrations) =>
        calibrations
            ?.Select(
                (c, i) =>
                    Limits.Number($"settings.calibrations[{i}].uWallWm2K", c.UWallWm2K, 0, 100)
                    ?? Limits.Number($"settings.calibrations[{i}].transmittance", c.Transmittance, 0, 1)
                    ?? Limits.Number($"settings.calibrations[{i}].rmsK", c.RmsK, 0, 100)
                    ?? (c.Ends is { } ends ? Check($"settings.calibrations[{i}].ends", ends) : null)
            )
            .FirstOrDefault(r => r is not null);

    private static Refusal? Check(string at, FittedWall ends) =>
        Limits.Number($"{at}.wallLow", ends.WallLow, 0, 100)
        ?? Limits.Number($"{at}.wallHigh", ends.WallHigh, ends.WallLow, 100)
        ?? Limits.Number($"{at}.sunLow", ends.SunLow, 0, 1)
        ?? Limits.Number($"{at}.sunHigh", ends.SunHigh, ends.SunLow, 1);

    private static Refusal? Check(IReadOnlyDictionary<string, SupplyStock>? stock) =>
        stock
            ?.Select(k =>
                k.Value is null ? new($"settings.stock.{k.Key}", $"settings.stock.{k.Key} is null; valid is onHand and priceEach.")
                : Supplies.Keys.Contains(k.Key)
                    ? Limits.Number($"settings.stock.{k.Key}.onHand", k.Value.OnHand, 0, 1_000_000)
                        ?? Limits.Number($"settings.stock.{k.Key}.priceEach", k.Value.PriceEach ?? 0, 0, 1_000_000)
                : new("settings.stock", $"settings.stock holds '{k.Key}'; valid are {string.Join(", ", Supplies.Keys)}.")
            )
            .FirstOrDefault(r => r is not null);
}
