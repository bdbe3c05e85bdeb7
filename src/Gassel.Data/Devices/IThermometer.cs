namespace Gassel.Data.Devices;

/// <summary>Something at a place that can be asked for its temperature. A real logger would stand behind this too.</summary>
public interface IThermometer
{
    /// <summary>°C; null where it says nothing.</summary>
    ValueTask<double?> Read(DateTimeOffset at, CancellationToken cancel);
}
