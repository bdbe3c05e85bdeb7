using Gassel.Data;
using Gassel.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Runtime;

/// <summary>Now and today at the site. A demo book shows the time it was wound to, ticking on.</summary>
public sealed class SiteClock(TimeProvider real) : TimeProvider
{
    private TimeSpan _ahead = TimeSpan.Zero;
    private TimeZoneInfo _zone = TimeZoneInfo.Utc;

    public override DateTimeOffset GetUtcNow() => real.GetUtcNow() + _ahead;

    public DateOnly Today => DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(GetUtcNow(), _zone).DateTime);

    public override TimeZoneInfo LocalTimeZone => _zone;

    public bool IsDemo => Site?.DemoShowed is not null;

    /// <summary>The site as last read; null in an empty book.</summary>
    public SiteRow? Site { get; private set; }

    /// <summary>What the grower set for the site; the defaults in an empty book.</summary>
    public SiteSettings Settings { get; private set; } = new();

    /// <summary>Reads the site, with its zone and a demo's offset; called at start and when the site changes.</summary>
    public async Task Follow(GasselDb db)
    {
        Site = await db.Sites.AsNoTracking().SingleOrDefaultAsync();
        Settings = Site?.Settings is { } settings ? CoreJson.Read<SiteSettings>(settings) : new();
        _zone = Site is null ? TimeZoneInfo.Utc : TimeZoneInfo.FindSystemTimeZoneById(Site.TimeZone);
        _ahead = Site is { DemoShowed: { } showed, DemoWoundAt: { } wound } ? TimeSpan.FromMilliseconds(showed - wound) : TimeSpan.Zero;
    }
}
