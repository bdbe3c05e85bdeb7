namespace Gassel.Core.Treatments;

/// <summary>How long a plant lives.</summary>
public enum LifeCycle
{
    /// <summary>Comes up, flowers and dies in one year.</summary>
    [Words("annual")]
    Annual,

    /// <summary>A rosette in its first year, flowers in the second and dies.</summary>
    [Words("biennial")]
    Biennial,

    [Words("perennial")]
    Perennial,

    [Words("shrub or tree")]
    Woody,
}
