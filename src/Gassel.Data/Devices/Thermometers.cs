using Gassel.Data.Rows;

namespace Gassel.Data.Devices;

/// <summary>From what is kept of a probe to the device to ask. A real one would be made here.</summary>
public static class Thermometers
{
    /// <exception cref="ArgumentException">The series is a file.</exception>
    public static IThermometer Of(ReadingSeriesRow series) =>
        series.Device is { } kind
            ? new SimulatedThermometer(kind, series.Behaviour, DateTimeOffset.FromUnixTimeMilliseconds(series.BehaviourSince))
            : throw new ArgumentException($"{series.Name} is a file and cannot be asked.", nameof(series));
}
