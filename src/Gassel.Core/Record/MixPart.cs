namespace Gassel.Core.Record;

/// <summary>What a mix is made of.</summary>
public enum MixPart
{
    [Words("peat")]
    Peat,

    [Words("coir")]
    Coir,

    [Words("vermiculite")]
    Vermiculite,

    [Words("perlite")]
    Perlite,

    [Words("coarse sand")]
    Sand,

    [Words("grit")]
    Grit,

    [Words("milled sphagnum")]
    Sphagnum,

    [Words("compost")]
    Compost,

    [Words("composted bark")]
    Bark,

    [Words("loam")]
    Loam,
}
