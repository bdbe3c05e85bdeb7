namespace Gassel.Core.Record;

/// <summary>What seed lies in through a moist treatment.</summary>
public enum MoistMedium
{
    Towel,

    /// <summary>Filter paper inside a towel: no lint on the seed.</summary>
    FilterInTowel,
    Sand,

    /// <summary>Four parts to one.</summary>
    PeatVermiculite,
    Sphagnum,
}
