using Gassel.Data;
using Gassel.Data.Demo;
using Gassel.Data.People;
using Gassel.Data.Readings;
using Gassel.Web.Door;
using Gassel.Web.Features.People;
using Gassel.Web.Runtime;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Hosting;

/// <summary>
/// Opens the book before the first request is taken: lock, migration, starter values, demo season, clock, and the door to the network.
/// </summary>
internal sealed class BookOpening(
    BookFile file,
    Func<GasselDb> connect,
    Launch launch,
    WeatherBook weather,
    ReadingBook readings,
    ThermometerBook thermometers,
    WriteGate gate,
    SiteClock clock,
    NetworkDoor door,
    OwnerCode owner,
    TimeProvider real
) : IHostedService
{
    public async Task StartAsync(CancellationToken cancellationToken)
    {
        if (Launch.IsDescribing)
            return;
        var changed = file.Open();
        await using var db = connect();
        if (changed)
            await StarterBook.Fill(db);
        weather.ClearHalfImported();
        await readings.ClearHalfImported(gate);
        if (launch.Demo)
            await DemoSeason.Fill(file, db, weather, readings, thermometers, gate, real.GetUtcNow());
        else
            await readings.SetSimulatedAside(gate);
        await clock.Follow(db);
        await OpenDoor(db);
    }

    /// <summary>As the start or the site asks. Where nobody could sign in as owner yet, a code for the first is made.</summary>
    private async Task OpenDoor(GasselDb db)
    {
        if (!launch.Lan && clock.Site?.OpenToNetwork != true)
            return;
        if (launch.OwnerCode || !await db.People.AnyAsync(p => p.Role == Role.Owner && p.LeftAt == null))
            owner.Open();
        if (door.Open() is { } why)
            throw new BookUnavailableException(why);
    }

    public Task StopAsync(CancellationToken cancellationToken) => Task.CompletedTask;
}
