namespace Gassel.Core.Record;

/// <summary>How a water-tight coat is broken.</summary>
public enum ScarifyWay
{
    Abraded,
    Nicked,
    HotWater,
}
