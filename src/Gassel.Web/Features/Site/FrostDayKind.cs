namespace Gassel.Web.Features.Site;

public enum FrostDayKind
{
    /// <summary>The usual last frost: half of the springs had frost later.</summary>
    LastFrostUsual,

    /// <summary>One spring in ten still had frost later.</summary>
    LastFrostSafe,

    /// <summary>The ground usually freezes.</summary>
    GroundFreeze,

    /// <summary>The usual first frost of autumn.</summary>
    FirstFrostUsual,
}
