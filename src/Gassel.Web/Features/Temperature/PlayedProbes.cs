using System.Collections.Concurrent;
using Gassel.Data;
using Gassel.Data.Readings;
using Gassel.Data.Rows;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Temperature;

/// <summary>The made-up thermometers of a demo: they hold a token each and send as real ones do.</summary>
internal sealed class PlayedProbes(
    DeviceStandIns standIns,
    ThermometerBook thermometers,
    ReadingBook readings,
    MqttEar ear,
    WriteGate gate,
    SiteClock clock,
    TimeProvider real
)
{
    /// <summary>The book knows only what they hash to; each start gives new ones.</summary>
    private readonly ConcurrentDictionary<Guid, string> _tokens = new();

    /// <summary>Has the program beside play all that are attached, as they are to behave now.</summary>
    /// <returns>Readings that came in; null where the program beside does not answer.</returns>
    public async Task<int?> Play(CancellationToken cancel)
    {
        if (!standIns.ArePlayed)
            return 0;
        var known = (await thermometers.All()).ToDictionary(t => t.Series);
        var played = new List<object>();
        foreach (var series in await readings.Played())
        {
            // one of an older demo, which the program asked itself, gets a token now
            var thermometer = known.GetValueOrDefault(series.Id);
            var id = thermometer?.Id ?? await thermometers.Adopt(series.Id, clock.GetUtcNow(), gate);
            if (!_tokens.TryGetValue(id, out var token))
                _tokens[id] = token = (await thermometers.Renew(id, gate))!;
            var since = DateTimeOffset.FromUnixTimeMilliseconds(series.BehaviourSince);
            played.Add(
                new
                {
                    standIns.Book,
                    id,
                    token,
                    kind = series.Device,
                    series.Behaviour,
                    since,
                    AheadMs,
                    // one that is heard by MQTT speaks so where the broker beside is there
                    topic = standIns.BrokerPort is null ? null : thermometer?.Topic,
                }
            );
        }
        return await standIns.Tell("/probes", played, cancel);
    }

    /// <summary>Has the heat mat of the demo speak through the broker beside, the others by HTTP.</summary>
    public async Task UseBroker(CancellationToken cancel)
    {
        if (await standIns.FindBroker(cancel) is not { } port)
            return;
        await thermometers.Use(new() { Host = "localhost", Port = port }, gate);
        foreach (var series in (await readings.Played()).Where(s => s.Device == DeviceKind.MatThermostat))
        {
            if ((await thermometers.All()).SingleOrDefault(t => t.Series == series.Id) is { } mat)
                await thermometers.Listen(mat.Id, $"made-up/{mat.Id}", "tempC", false, gate);
        }
        ear.Look();
    }

    /// <summary>What they would have said between, where a demo skips days.</summary>
    public async Task<int> Walk(DateTimeOffset from, DateTimeOffset to, CancellationToken cancel)
    {
        if (!standIns.ArePlayed)
            return 0;
        var walk = new
        {
            from,
            to,
            AheadMs,
        };
        return await standIns.Tell("/probes/walk", walk, cancel) ?? 0;
    }

    private double AheadMs => (clock.GetUtcNow() - real.GetUtcNow()).TotalMilliseconds;

    /// <summary>Adds one to a place of a demo.</summary>
    public async Task Attach(string place, DeviceKind device, CancellationToken cancel)
    {
        var now = clock.GetUtcNow();
        var (id, _) = await thermometers.Make($"{DeviceWords.Of(device)}, simulated", place, now, gate);
        var series = (await thermometers.BySeries()).Single(s => s.Value == id).Key;
        await readings.Change(series, row => (row.Device, row.BehaviourSince) = (device, now.ToUnixTimeMilliseconds()), gate);
        await Play(cancel);
    }
}
