using Gassel.Core.Climate;
using Gassel.Data;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Forecasts;

/// <summary>Asks the service of the book for the weather to come, each hour; less often while it fails.</summary>
internal sealed partial class ForecastService(
    ForecastBook book,
    ForecastQuestion question,
    WriteGate gate,
    SiteClock clock,
    TimeProvider real,
    ILogger<ForecastService> log
) : BackgroundService
{
    public static readonly TimeSpan Every = TimeSpan.FromHours(1);

    private static readonly TimeSpan Look = TimeSpan.FromMinutes(1);

    /// <summary>An unchanged word is written again after so long, so that it does not grow stale.</summary>
    private static readonly TimeSpan SayAgain = TimeSpan.FromHours(6);

    /// <summary>Days that passed unasked, while the program was off, are asked for so far back.</summary>
    private const int BackDays = 30;

    private readonly SemaphoreSlim _turn = new(1, 1);

    public override void Dispose()
    {
        _turn.Dispose();
        base.Dispose();
    }

    /// <summary>Asks where it is time, or at once.</summary>
    public async Task Ask(bool atOnce, CancellationToken cancel)
    {
        await _turn.WaitAsync(cancel);
        try
        {
            if (await book.Service() is not { } row)
                return;
            var now = clock.GetUtcNow();
            if (!atOnce && now.ToUnixTimeMilliseconds() < row.NextAt)
                return;
            var today = clock.Today;
            var told = row.ToldAt is { } at ? LocalDay(at) : today;
            var from =
                told < today.AddDays(-BackDays) ? today.AddDays(-BackDays)
                : told > today ? today
                : told;
            var answer = await question.Ask(CoreJson.Read<ForecastServiceToUse>(row.Service), from, cancel);
            if (answer is { Fault: null, Reading: { } reading })
                await Keep(reading.Days, from, cancel);
            (row.AskedAt, row.Fault) = (now.ToUnixTimeMilliseconds(), answer.Fault?.Detail);
            row.Failures = answer.Fault is null ? 0 : row.Failures + 1;
            row.ToldAt = answer.Fault is null ? row.AskedAt : row.ToldAt;
            row.NextAt = (now + Pause(row.Failures)).ToUnixTimeMilliseconds();
            await book.Asked(row, gate);
            if (row.Fault is not null)
                NotAsked(log, row.Fault);
        }
        finally
        {
            _turn.Release();
        }
    }

    /// <summary>
    /// An hour; after failures 2, 4, 8 … minutes up to an hour, so that a short fault costs little and a long one bothers nobody.
    /// </summary>
    internal static TimeSpan Pause(int failures) =>
        failures == 0 ? Every : TimeSpan.FromMinutes(Math.Min(Every.TotalMinutes, Math.Pow(2, failures)));

    private DateOnly LocalDay(long unixMs) =>
        DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(DateTimeOffset.FromUnixTimeMilliseconds(unixMs), clock.LocalTimeZone).DateTime);

    /// <summary>Words that say something new, or that were said long ago.</summary>
    private async Task Keep(IReadOnlyList<ForecastWord> days, DateOnly from, CancellationToken cancel)
    {
        var last = (await book.From(from))
            .Where(w => w.Source == ForecastSource.Service)
            .GroupBy(w => w.Date)
            .ToDictionary(g => g.Key, g => g.MaxBy(w => w.ToldAt)!);
        List<ForecastWord> fresh =
        [
            .. days.Where(d =>
                !last.TryGetValue(d.Date, out var before) || d != before with { ToldAt = d.ToldAt } || d.ToldAt - before.ToldAt >= SayAgain
            ),
        ];
        if (fresh.Count > 0)
            await book.Add(fresh, gate, cancel);
    }

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        if (Launch.IsDescribing)
            return;
        while (true)
        {
            try
            {
                await Ask(atOnce: false, stoppingToken);
            }
            catch (Exception failed) when (!stoppingToken.IsCancellationRequested)
            {
                // neither a full disk nor a book that is being put back stops the program; the next minute tries again
                NotAsked(log, failed.Message);
            }
            await Task.Delay(Look, real, stoppingToken);
        }
    }

    [LoggerMessage(LogLevel.Warning, "the forecast was not fetched: {Why}")]
    private static partial void NotAsked(ILogger log, string why);
}
