using Gassel.Core.Climate;
using Gassel.Data.Devices;
using Gassel.Data.Readings;
using Gassel.Data.Rows;

namespace Gassel.Data.Demo;

/// <summary>
/// What the simulated probes said over the winter: a fridge since November that was silent for a day and a half in January, froze for some
/// hours in
/// February, and has stood ajar since last night; a mat, a table and the yard since mid-February.
/// </summary>
internal static class DemoReadings
{
    private static readonly TimeSpan Every = TimeSpan.FromMinutes(10);

    public static async Task Fill(ReadingBook readings, ThermometerBook thermometers, DateTimeOffset now, WriteGate gate)
    {
        var ajar = At("2027-03-13", 21);
        var fridge = await Add("cold-shelf", "Fridge probe, simulated", DeviceKind.FridgeProbe, At("2026-11-05", 8));
        var warming = new SimulatedThermometer(DeviceKind.FridgeProbe, SimulatedBehaviour.Warming, ajar);
        var freezing = new SimulatedThermometer(DeviceKind.FridgeProbe, SimulatedBehaviour.Freezing, At("2027-02-06", 1));
        await Tell(fridge, "cold-shelf", At("2026-11-05", 8), at => at switch
            {
                _ when at >= At("2027-01-18", 15) && at < At("2027-01-20", 4) => null,
                _ when at >= At("2027-02-06", 1) && at < At("2027-02-06", 11) => freezing.At(at),
                _ => warming.At(at),
            });
        await readings.Change(
            fridge,
            row => (row.Behaviour, row.BehaviourSince) = (SimulatedBehaviour.Warming, ajar.ToUnixTimeMilliseconds()),
            gate
        );
        foreach (
            var (place, name, kind) in new[]
            {
                ("heat-mat", "Heat-mat thermostat, simulated", DeviceKind.MatThermostat),
                ("table", "Room probe, simulated", DeviceKind.RoomProbe),
                ("yard", "Yard thermometer, simulated", DeviceKind.YardThermometer),
            }
        )
        {
            var probe = new SimulatedThermometer(kind, SimulatedBehaviour.Steady, now);
            await Tell(await Add(place, name, kind, now), place, At("2027-02-15", 8), at => probe.At(at));
        }

        async Task<int> Add(string place, string name, DeviceKind kind, DateTimeOffset at)
        {
            var (id, _) = await thermometers.Make(name, place, at, gate);
            var series = (await thermometers.BySeries()).Single(s => s.Value == id).Key;
            await readings.Change(series, row => (row.Device, row.BehaviourSince) = (kind, at.ToUnixTimeMilliseconds()), gate);
            return series;
        }

        Task Tell(int series, string place, DateTimeOffset from, Func<DateTimeOffset, double?> said)
        {
            var told = new List<TemperatureReading>();
            for (var at = from; at <= now; at += Every)
            {
                if (said(at) is { } tempC)
                    told.Add(new(at.ToUnixTimeMilliseconds(), tempC));
            }
            return readings.Append(series, place, [.. told], gate, CancellationToken.None);
        }
    }

    private static DateTimeOffset At(string day, int hour) => new(DemoBatches.Day(day).ToDateTime(new(hour, 0)), TimeSpan.FromHours(-7));
}
