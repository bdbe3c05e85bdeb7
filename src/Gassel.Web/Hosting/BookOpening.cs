using Gassel.Data;

namespace Gassel.Web.Hosting;

/// <summary>Opens the book before the first request is taken: lock, migration, starter values, demo season, clock.</summary>
internal sealed class BookOpening(BookFile file, Func<GasselDb> connect, Launch launch, WeatherBook weather, SiteClock clock, TimeProvider real) : IHostedService
{
    public async Task StartAsync(CancellationToken cancellationToken)
    {
        if (Launch.IsDescribing) return;
        var changed = file.Open(connect);
        await using var db = connect();
        if (changed) await StarterBook.Fill(db);
        if (launch.Demo) await DemoSeason.Fill(db, weather, real.GetUtcNow());
        await clock.Follow(db);
    }

    public Task StopAsync(CancellationToken cancellationToken) => Task.CompletedTask;
}
