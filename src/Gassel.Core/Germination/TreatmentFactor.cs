namespace Gassel.Core.Germination;

/// <summary>What may set batches apart. The order is that in which one is kept where two cannot be told apart.</summary>
public enum TreatmentFactor
{
    [Words("cold")]
    Cold,

    [Words("scarifying")]
    Scarified,

    [Words("soaking")]
    Soaked,

    [Words("sowing on the surface, in light")]
    Light,

    [Words("winter sowing outdoors")]
    Outdoors,

    [Words("age of the seed")]
    SeedAge,
}
