namespace Gassel.Core.Record;

/// <summary>How the top of a container stands.</summary>
public enum CapPosition
{
    [Words("cap on")]
    On,

    [Words("cap off")]
    Off,

    /// <summary>Off while the sun is up, on by night.</summary>
    [Words("cap off by day, on by night")]
    DayOffNightOn,

    /// <summary>The whole top open.</summary>
    [Words("top open")]
    Open,
}
