namespace Gassel.Core.Places;

/// <summary>Where a temperature comes from.</summary>
public enum TemperatureSource
{
    /// <summary>Nobody measured; what the grower assumes of the place.</summary>
    [Words("assumed")]
    Assumed,

    /// <summary>Read by eye, and assumed to hold until it is read again.</summary>
    [Words("read by eye")]
    Typed,

    /// <summary>Reckoned from the weather by the container model.</summary>
    [Words("by the model")]
    Modelled,

    /// <summary>Readings of a probe or a logger.</summary>
    [Words("measured")]
    Measured,
}
