namespace Gassel.Core.Record;

/// <summary>Where the thermometer lay.</summary>
public enum ProbeSpot
{
    [Words("in the mix")]
    Medium,

    [Words("in the air inside")]
    Air,
}
