namespace Gassel.Core.Treatments;

/// <summary>How dry the mix may get between two waterings.</summary>
public enum WaterRegime
{
    [Words("never dry")]
    NeverDry,

    [Words("let the surface dry between")]
    SurfaceDries,

    [Words("on the dry side")]
    DrySide,
}
