namespace Gassel.Core.Climate;

/// <summary>By which clock a logger writes, where its times carry no offset.</summary>
public enum LoggerClock
{
    /// <summary>The clock on the wall of the site, changed in spring and autumn.</summary>
    SiteTime,

    /// <summary>The site's standard time all year.</summary>
    StandardTime,
    Utc,
}
