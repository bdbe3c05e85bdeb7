namespace Gassel.Data;

/// <summary>What frost days rest on.</summary>
public enum FrostBasis
{
    /// <summary>Days that the grower entered.</summary>
    Hand,

    /// <summary>The weather record of the site.</summary>
    Record,
}
