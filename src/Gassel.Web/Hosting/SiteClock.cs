using Gassel.Data;
using Gassel.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Hosting;

/// <summary>Now and today at the site. A demo book shows the time it was wound to, ticking on.</summary>
public sealed class SiteClock(TimeProvider real) : TimeProvider
{
    private TimeSpan _ahead = TimeSpan.Zero;
    private TimeZoneInfo _zone = TimeZoneInfo.Utc;

    public override DateTimeOffset GetUtcNow() => real.GetUtcNow() + _ahead;

    public DateOnly Today => DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(GetUtcNow(), _zone).DateTime);

    public override TimeZoneInfo LocalTimeZone => _zone;

    /// <summary>Reads zone and demo offset from the book; called at start and when the site changes.</summary>
    public async Task Follow(GasselDb db)
    {
        var site = await db.Sites.AsNoTracking().SingleOrDefaultAsync();
        _zone = site is null ? TimeZoneInfo.Utc : TimeZoneInfo.FindSystemTimeZoneById(site.TimeZone);
        var demo = await db.DemoClocks.AsNoTracking().SingleOrDefaultAsync();
        _ahead = demo is null ? TimeSpan.Zero : TimeSpan.FromMilliseconds(demo.Showed - demo.WoundAt);
        IsDemo = demo is not null;
    }

    public bool IsDemo { get; private set; }

    /// <summary>Winds a demo book to the instant.</summary>
    public static DemoClockRow Wind(DateTimeOffset to, DateTimeOffset realNow) =>
        new() { Showed = to.ToUnixTimeMilliseconds(), WoundAt = realNow.ToUnixTimeMilliseconds() };
}
