namespace Gassel.Core.Record;

/// <summary>What lies over sown seed.</summary>
public enum SowCover
{
    /// <summary>On the surface, pressed in for contact.</summary>
    [Words("on the surface, pressed in")]
    Surface,

    [Words("under mix")]
    Mix,

    /// <summary>Coarse grit.</summary>
    [Words("under coarse grit")]
    Grit,

    [Words("under sieved mix")]
    SievedMix,

    [Words("under vermiculite")]
    Vermiculite,

    /// <summary>Against damping off.</summary>
    [Words("under milled sphagnum")]
    Sphagnum,
}
