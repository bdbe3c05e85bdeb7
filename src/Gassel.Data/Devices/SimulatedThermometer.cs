using Gassel.Data.Rows;

namespace Gassel.Data.Devices;

/// <summary>
/// A made-up thermometer: the same moment always gives the same reading. A fridge swings with its compressor, a mat with its thermostat, a
/// room with the day, a yard with the demo's weather.
/// All numbers are our invention.
/// </summary>
/// <param name="since">From when on it behaves so; before that it was steady.</param>
public sealed class SimulatedThermometer(DeviceKind kind, SimulatedBehaviour behaviour, DateTimeOffset since)
{
    private const double HoursToChange = 3;

    /// <summary>To a hundredth of a degree; null where it is silent.</summary>
    public double? At(DateTimeOffset at)
    {
        if (Steady(at) is not { } steady)
            return null;
        var hours = (at - since).TotalHours;
        if (hours < 0)
            return Math.Round(steady, 2);
        var way = 1 - Math.Exp(-hours / HoursToChange);
        var (warmK, coldK) = kind == DeviceKind.FridgeProbe ? (6.5, -6.0) : (12.0, -12.0);
        return behaviour switch
        {
            SimulatedBehaviour.Warming => Math.Round(steady + (warmK * way), 2),
            SimulatedBehaviour.Freezing => Math.Round(steady + (coldK * way), 2),
            SimulatedBehaviour.Silent => null,
            SimulatedBehaviour.Jumping when Noise(at, 7) > 0.8 => Math.Round(steady + 40, 2),
            _ => Math.Round(steady, 2),
        };
    }

    private double? Steady(DateTimeOffset at)
    {
        var hours = at.ToUnixTimeMilliseconds() / 3_600_000.0;
        return kind switch
        {
            // a compressor that runs every fifty minutes, a shelf a little warmer by day
            DeviceKind.FridgeProbe => 3.6 + (0.7 * Math.Sin(2 * Math.PI * hours / 0.83)) + (0.4 * Day(hours)) + (0.3 * Noise(at, 1)),
            DeviceKind.MatThermostat => 23.5 + (1.4 * Math.Sin(2 * Math.PI * hours / 0.6)) + (0.4 * Noise(at, 2)),
            DeviceKind.YardThermometer => SimulatedWeather.At(at) + (0.2 * Noise(at, 4)),
            _ => 18.5 + (2.5 * Day(hours)) + (0.5 * Noise(at, 3)),
        };
    }

    /// <summary>−1 before dawn to 1 in the afternoon, in a zone seven hours behind UTC.</summary>
    private static double Day(double hours) => Math.Sin(2 * Math.PI * (hours - 7 - 9) / 24);

    /// <summary>−1..1, the same for the same ten minutes.</summary>
    private static double Noise(DateTimeOffset at, ulong salt)
    {
        var x = ((ulong)(at.ToUnixTimeSeconds() / 600) + (salt << 40)) * 0x9E3779B97F4A7C15;
        x = (x ^ (x >> 31)) * 0xBF58476D1CE4E5B9;
        return ((x >> 11) / (double)(1UL << 52)) - 1;
    }
}
