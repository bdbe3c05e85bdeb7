namespace Gassel.Core.Treatments;

/// <summary>How much sun a plant has where it is planted, from the darkest on.</summary>
public enum SiteLight
{
    [Words("shade")]
    Shade,

    [Words("part shade")]
    PartShade,

    [Words("full sun")]
    Sun,
}
