using System.Globalization;
using Gassel.Data;
using Gassel.Data.Rows;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Site;

/// <param name="Latitude">Degrees, north positive.</param>
/// <param name="TimeZone">IANA name.</param>
/// <param name="LastFrost">Month and day of the usual last frost, <c>MM-dd</c>.</param>
public sealed record SiteDetails(string Name, double Latitude, string TimeZone, string LastFrost);

/// <param name="Site">Null in an empty book.</param>
/// <param name="Now">By the server's clock, or the demo's.</param>
/// <param name="Today">The day at the site.</param>
/// <param name="NextLastFrost">The coming day of the usual last frost; null without a site.</param>
public sealed record SiteView(SiteDetails? Site, DateTimeOffset Now, DateOnly Today, string TimeZone, DateOnly? NextLastFrost, bool Demo);

internal static class SiteEndpoints
{
    public static void MapSite(this RouteGroupBuilder api)
    {
        api.MapGet("/site", (SiteClock clock) => View(clock));
        api.MapPut("/site", Save).ProducesProblem(400);
    }

    private static SiteView View(SiteClock clock)
    {
        var row = clock.Site;
        return new(
            row is null ? null : new(row.Name, row.Latitude, row.TimeZone, row.LastFrost),
            clock.GetUtcNow(), clock.Today, clock.LocalTimeZone.Id,
            row is null ? null : NextFrost(row.LastFrost, clock.Today), clock.IsDemo);
    }

    private static async Task<Results<Ok<SiteView>, ProblemHttpResult>> Save(
        SiteDetails site, Func<GasselDb> connect, WriteGate gate, SiteClock clock, CancellationToken cancel)
    {
        if (Check(site) is { } refusal) return refusal.ToResult();
        await gate.Write(async () =>
        {
            await using var db = connect();
            var row = await db.Sites.SingleOrDefaultAsync(CancellationToken.None);
            if (row is null) db.Sites.Add(row = new() { Name = "", TimeZone = "", LastFrost = "" });
            (row.Name, row.Latitude, row.TimeZone, row.LastFrost) = (site.Name.Trim(), site.Latitude, site.TimeZone, site.LastFrost);
            await db.SaveChangesAsync(CancellationToken.None);
            await clock.Follow(db);
            return true;
        }, cancel);
        return TypedResults.Ok(View(clock));
    }

    private static Refusal? Check(SiteDetails site)
    {
        if ((Limits.Text("name", site.Name, 80) ?? Limits.Number("latitude", site.Latitude, -90, 90)) is { } refusal) return refusal;
        if (!TimeZoneInfo.TryFindSystemTimeZoneById(site.TimeZone, out var zone) || !zone.HasIanaId)
        {
            return new("timeZone", $"timeZone was '{site.TimeZone}'; valid is an IANA name such as America/Denver or Europe/Oslo.");
        }
        // any leap year will do: 29 February is a possible last frost
        return DateOnly.TryParseExact("2028-" + site.LastFrost, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out _)
            ? null
            : new("lastFrost", $"lastFrost was '{site.LastFrost}'; valid is a month and day that exist, MM-dd, such as 05-08.");
    }

    /// <summary>29 February falls on the 28th in a year without one.</summary>
    private static DateOnly NextFrost(string monthDay, DateOnly today)
    {
        var day = DateOnly.ParseExact("2028-" + monthDay, "yyyy-MM-dd", CultureInfo.InvariantCulture);
        var thisYear = day.AddYears(today.Year - 2028);
        return thisYear >= today ? thisYear : day.AddYears(today.Year + 1 - 2028);
    }
}
