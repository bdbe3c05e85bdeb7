using System.Net.Http.Headers;
using Gassel.Data.Devices;

namespace Gassel.Devices;

/// <summary>Plays thermometers: each sends what it measures every ten minutes, as a real one would.</summary>
public sealed partial class Probes(Broker broker, ILogger<Probes> log) : BackgroundService
{
    public static readonly TimeSpan Every = TimeSpan.FromMinutes(10);

    private readonly HttpClient _http = new() { Timeout = TimeSpan.FromSeconds(20) };
    private IReadOnlyList<ProbeToPlay> _playing = [];

    private sealed record Reading(DateTimeOffset At, double TempC);

    /// <summary>Plays these in the place of the ones there were; each sends once at once.</summary>
    /// <returns>Readings that arrived.</returns>
    public async Task<int> Play(IReadOnlyList<ProbeToPlay> probes, CancellationToken cancel)
    {
        _playing = probes;
        return await SendNow(cancel);
    }

    /// <summary>Says what was measured while a demo skipped the time between.</summary>
    /// <returns>Readings that arrived.</returns>
    public async Task<int> Walk(ProbeWalk walk, CancellationToken cancel)
    {
        _playing = [.. _playing.Select(p => p with { AheadMs = walk.AheadMs })];
        var arrived = 0;
        foreach (var probe in _playing)
        {
            var told = new List<Reading>();
            for (var at = walk.From + Every; at <= walk.To; at += Every)
            {
                if (Device(probe).At(at) is { } tempC)
                    told.Add(new(at, tempC));
            }
            arrived += await SendByHttp(probe, told, cancel) ? told.Count : 0;
        }
        return arrived;
    }

    private static SimulatedThermometer Device(ProbeToPlay probe) => new(probe.Kind, probe.Behaviour, probe.Since);

    private async Task<int> SendNow(CancellationToken cancel)
    {
        var arrived = 0;
        foreach (var probe in _playing)
        {
            var at = DateTimeOffset.UtcNow.AddMilliseconds(probe.AheadMs);
            if (Device(probe).At(at) is { } tempC && await Send(probe, new(at, tempC), cancel))
                arrived++;
        }
        return arrived;
    }

    private async Task<bool> Send(ProbeToPlay probe, Reading reading, CancellationToken cancel)
    {
        if (probe.Topic is not { } topic)
            return await SendByHttp(probe, [reading], cancel);
        await broker.Publish(topic, System.Text.Json.JsonSerializer.Serialize(new { tempC = reading.TempC, at = reading.At }), cancel);
        return true;
    }

    /// <returns>False where the book did not take it: it is off, or the thermometer was taken off.</returns>
    private async Task<bool> SendByHttp(ProbeToPlay probe, IReadOnlyList<Reading> readings, CancellationToken cancel)
    {
        if (readings.Count == 0)
            return false;
        try
        {
            using var request = new HttpRequestMessage(HttpMethod.Post, $"{probe.Book.TrimEnd('/')}/api/thermometers/{probe.Id}/readings");
            request.Headers.Authorization = new AuthenticationHeaderValue("Bearer", probe.Token);
            request.Content = JsonContent.Create(readings.Select(r => new { tempC = r.TempC, at = r.At }).ToList());
            using var answer = await _http.SendAsync(request, cancel);
            if (!answer.IsSuccessStatusCode)
                NotTaken(log, probe.Book, (int)answer.StatusCode);
            return answer.IsSuccessStatusCode;
        }
        catch (HttpRequestException unreachable)
        {
            NotReached(log, probe.Book, unreachable.Message);
            return false;
        }
    }

    public override void Dispose()
    {
        _http.Dispose();
        base.Dispose();
    }

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        while (!stoppingToken.IsCancellationRequested)
        {
            await Task.Delay(Every, stoppingToken).ConfigureAwait(ConfigureAwaitOptions.SuppressThrowing);
            if (!stoppingToken.IsCancellationRequested)
                await SendNow(stoppingToken);
        }
    }

    [LoggerMessage(LogLevel.Warning, "{Book} did not take a reading: {Status}")]
    private static partial void NotTaken(ILogger log, string book, int status);

    [LoggerMessage(LogLevel.Warning, "{Book} was not reached: {Why}")]
    private static partial void NotReached(ILogger log, string book, string why);
}
