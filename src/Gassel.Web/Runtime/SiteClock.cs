using Gassel.Core;
using Gassel.Data;
using Gassel.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Runtime;

/// <summary>Now and today at the site. A demo book shows the time it was wound to, ticking on.</summary>
public sealed class SiteClock(TimeProvider real) : TimeProvider
{
    /// <summary>What is known of the site at once: whoever reads while it changes sees the old or the new, never half of each.</summary>
    private sealed record Known(SiteRow? Site, SiteSettings Settings, TimeZoneInfo Zone, TimeSpan Ahead)
    {
        public DateOnly DayOf(DateTimeOffset real) => DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(real + Ahead, Zone).DateTime);
    }

    private volatile Known _known = new(null, new(), TimeZoneInfo.Utc, TimeSpan.Zero);

    public override DateTimeOffset GetUtcNow() => real.GetUtcNow() + _known.Ahead;

    public DateOnly Today => _known.DayOf(real.GetUtcNow());

    public override TimeZoneInfo LocalTimeZone => _known.Zone;

    public bool IsDemo => Site?.DemoShowed is not null;

    /// <summary>The site as last read; null in an empty book.</summary>
    public SiteRow? Site => _known.Site;

    /// <summary>What the grower set for the site; the defaults in an empty book.</summary>
    public SiteSettings Settings => _known.Settings;

    /// <summary>Writes values in sentences as the site wants them, its running season without the year.</summary>
    public Speaker Speaker => new(Settings.Units, Today);

    /// <summary>Reads the site, with its zone and a demo's offset; called at start and when the site changes.</summary>
    public async Task Follow(GasselDb db)
    {
        var site = await db.Sites.AsNoTracking().SingleOrDefaultAsync();
        _known = new(
            site,
            site?.Settings is { } settings ? CoreJson.Read<SiteSettings>(settings) : new(),
            site is null ? TimeZoneInfo.Utc : TimeZoneInfo.FindSystemTimeZoneById(site.TimeZone),
            site is { DemoShowed: { } showed, DemoWoundAt: { } wound } ? TimeSpan.FromMilliseconds(showed - wound) : TimeSpan.Zero
        );
    }
}
