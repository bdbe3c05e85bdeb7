namespace Gassel.Core.Record;

/// <summary>How the top of a container stands.</summary>
public enum CapPosition
{
    On,
    Off,

    /// <summary>Off while the sun is up, on by night.</summary>
    DayOffNightOn,

    /// <summary>The whole top open.</summary>
    Open,
}
