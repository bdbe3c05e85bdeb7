namespace Gassel.Core.Record;

/// <summary>How a water-tight coat is broken.</summary>
public enum ScarifyWay
{
    [Words("abraded")]
    Abraded,

    [Words("nicked")]
    Nicked,

    [Words("hot water")]
    HotWater,
}
