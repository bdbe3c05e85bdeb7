using Gassel.Core.Planning;
using Gassel.Data;

namespace Gassel.Web.Features.Site;

/// <param name="Site">Null in an empty book.</param>
/// <param name="Now">By the server's clock, or the demo's.</param>
/// <param name="Today">The day at the site.</param>
/// <param name="NextLastFrost">The coming day of the usual last frost; null without a site.</param>
/// <param name="Home">The book from which this demo was opened; null for one started by itself, and for a real book.</param>
/// <param name="Loss">What may be lost of what was last recorded, in words; null where nothing speaks of it.</param>
/// <param name="FrostDays">Days of the year that a plan may be measured from.</param>
public sealed record SiteView(
    SiteDetails? Site,
    DateTimeOffset Now,
    DateOnly Today,
    string TimeZone,
    DateOnly? NextLastFrost,
    IReadOnlyList<FrostDay> FrostDays,
    SiteSettings Settings,
    bool Demo,
    Uri? Home = null,
    string? Loss = null
)
{
    /// <summary>To be sent along with a change of the site; null in an empty book.</summary>
    public string? Stamp => Site is null ? null : Problems.Stamp.Of(Site);

    /// <summary>What a plan begins with.</summary>
    public PlanStart Planning => PlanStart.Assumed;
}
