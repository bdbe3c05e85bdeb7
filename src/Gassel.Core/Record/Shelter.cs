namespace Gassel.Core.Record;

/// <summary>What was done against a freeze.</summary>
public enum Shelter
{
    None,

    /// <summary>Under fleece, straw or a blanket.</summary>
    Covered,

    /// <summary>In a frost-free room.</summary>
    CarriedIn,
}
