namespace Gassel.Core.Planning;

/// <summary>What a mix is made of.</summary>
public enum MixPart
{
    Peat,
    Coir,
    Vermiculite,
    Perlite,
    Sand,
    Grit,
    Sphagnum,
    Compost,
    Bark,
    Loam,
}
