using Gassel.Data;
using Gassel.Web.Runtime;

namespace Gassel.Web.Hosting;

/// <summary>
/// Makes the copy of the day some minutes after a start, and then once a day. The demo has nothing to lose and makes none.
/// </summary>
internal sealed partial class DailyCopies(BookCopies copies, Launch launch, SiteClock clock, TimeProvider real, ILogger<DailyCopies> log)
    : BackgroundService
{
    private static readonly TimeSpan AfterStart = TimeSpan.FromMinutes(2);
    private static readonly TimeSpan Every = TimeSpan.FromHours(1);

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        if (Launch.IsDescribing || launch.Demo)
            return;
        await Task.Delay(AfterStart, real, stoppingToken);
        while (true)
        {
            try
            {
                copies.MakeDaily(clock.Today);
            }
            catch (Exception failed) when (failed is IOException or UnauthorizedAccessException or Microsoft.Data.Sqlite.SqliteException)
            {
                // a full disk must not stop the work; the next hour tries again
                NotMade(log, failed.Message);
            }
            await Task.Delay(Every, real, stoppingToken);
        }
    }

    [LoggerMessage(LogLevel.Warning, "the copy of the day could not be made: {Why}")]
    private static partial void NotMade(ILogger log, string why);
}
