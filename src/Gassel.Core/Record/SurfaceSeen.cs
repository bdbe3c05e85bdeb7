namespace Gassel.Core.Record;

/// <summary>How the surface of the mix looked. A moist one is dark, a drying one lightens.</summary>
public enum SurfaceSeen
{
    [Words("moist: dark")]
    Moist,

    [Words("dry: pale")]
    Dry,

    [Words("too wet: shiny")]
    Wet,
}
