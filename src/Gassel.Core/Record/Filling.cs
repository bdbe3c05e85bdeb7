namespace Gassel.Core.Record;

/// <summary>How a vessel was filled (both common practice, no source).</summary>
public enum Filling
{
    [Words("moist mix")]
    Moist,

    /// <summary>Filled dry, then stood in water for several hours.</summary>
    [Words("dry mix, wicked from below for some hours")]
    DryWicked,
}
