namespace Gassel.Core.Record;

/// <summary>What lies over sown seed.</summary>
public enum SowCover
{
    /// <summary>On the surface, pressed in for contact.</summary>
    Surface,
    Mix,

    /// <summary>Coarse grit.</summary>
    Grit,
}
