namespace Gassel.Core.Record;

/// <summary>How the tops of containers are minded through the winter.</summary>
public enum CareStyle
{
    /// <summary>Off all winter: rain and snow water them.</summary>
    CapOff,

    /// <summary>Off by day, on by night.</summary>
    CapOnAtNight,

    /// <summary>On, and opened when it is warm enough.</summary>
    OpenByTemperature,

    /// <summary>On, no holes, watered daily: as it was recorded before holes and water were told apart from the cap.</summary>
    NoHolesDailyWater,
}
