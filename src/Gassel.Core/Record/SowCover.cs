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
}
