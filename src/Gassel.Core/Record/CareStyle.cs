namespace Gassel.Core.Record;

/// <summary>How the tops of containers are minded through the winter.</summary>
public enum CareStyle
{
    /// <summary>Off all winter: rain and snow water them.</summary>
    [Words("cap off all winter")]
    CapOff,

    /// <summary>Off by day, on by night.</summary>
    [Words("cap off by day, on by night")]
    CapOnAtNight,

    /// <summary>On, and opened when it is warm enough.</summary>
    [Words("cap on, opened by temperature")]
    OpenByTemperature,

    /// <summary>On, no holes, watered daily: as it was recorded before holes and water were told apart from the cap.</summary>
    [Words("no holes, watered daily")]
    NoHolesDailyWater,
}
