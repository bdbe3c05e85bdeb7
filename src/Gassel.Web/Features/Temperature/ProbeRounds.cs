using Gassel.Data;
using Gassel.Data.Devices;
using Gassel.Data.Readings;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Temperature;

/// <summary>Asks every attached probe for its temperature, every ten minutes.</summary>
internal sealed partial class ProbeRounds(
    ReadingBook readings,
    WriteGate gate,
    SiteClock clock,
    TimeProvider real,
    ILogger<ProbeRounds> log
) : BackgroundService
{
    public static readonly TimeSpan Every = TimeSpan.FromMinutes(10);

    /// <summary>How often it went round.</summary>
    public long Rounds { get; private set; }

    /// <summary>Asks now.</summary>
    public async Task AskAll(CancellationToken cancel)
    {
        var now = clock.GetUtcNow();
        foreach (var series in await readings.Asked())
        {
            if (await Ask(Thermometers.Of(series), series.Name, now, log, cancel) is { } tempC)
                await readings.Append(series.Id, series.PlaceId, [new(now.ToUnixTimeMilliseconds(), tempC)], gate, cancel);
        }
        Rounds++;
    }

    /// <summary>What it says; null where it is silent. One that fails, however, is silent and takes no other with it.</summary>
    internal static async Task<double?> Ask(IThermometer device, string name, DateTimeOffset now, ILogger log, CancellationToken cancel)
    {
        try
        {
            return await device.Read(now, cancel);
        }
        catch (Exception failed) when (failed is not OperationCanceledException || !cancel.IsCancellationRequested)
        {
            Silent(log, name, failed);
            return null;
        }
    }

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        if (Launch.IsDescribing)
            return;
        while (true)
        {
            try
            {
                await AskAll(stoppingToken);
            }
            catch (Exception failed) when (failed is IOException or Microsoft.Data.Sqlite.SqliteException)
            {
                // a full disk must not stop the work; the next round tries again
                NotAsked(log, failed.Message);
            }
            await Task.Delay(Every, real, stoppingToken);
        }
    }

    [LoggerMessage(LogLevel.Warning, "the probe {Name} failed and is taken as silent")]
    private static partial void Silent(ILogger log, string name, Exception failed);

    [LoggerMessage(LogLevel.Warning, "a reading of a probe could not be kept: {Why}")]
    private static partial void NotAsked(ILogger log, string why);
}
