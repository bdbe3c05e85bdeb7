using Gassel.Core.Closing;
using Gassel.Core.Record;
using Gassel.Data.Devices;
using Gassel.Data.Readings;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data.Demo;

/// <summary>
/// An invented winter at an invented nursery, in mid-March. Fills an empty book once; its clock starts at 14 March 2027, 09:00 at
/// the site.
/// </summary>
public static class DemoSeason
{
    private static readonly DateTimeOffset Starts = new(2027, 3, 14, 9, 0, 0, TimeSpan.FromHours(-6));

    /// <summary>Invented, so that the demo's books come to sums; a book that is not the demo begins without prices.</summary>
    private static readonly CostAssumptions Prices = new(
        SeedEach: 0.02,
        MixPerLitre: 0.3,
        ContainerEach: 0.4,
        PerKWh: 0.15,
        PerHour: 18,
        BoughtPlant: 4.5
    );

    private static readonly Dictionary<PlaceKind, int?> Capacities = new()
    {
        [PlaceKind.Table] = 6,
        [PlaceKind.ColdShelf] = 16,
        [PlaceKind.WarmShelf] = 6,
        [PlaceKind.LampShelf] = 21,
        [PlaceKind.HeatMat] = 2,
    };

    /// <summary>Fifty containers and trays over the spots of the yard.</summary>
    private static readonly Dictionary<string, int> Spots = new()
    {
        ["yard"] = 26,
        ["yard-eaves"] = 8,
        ["yard-wall"] = 8,
        ["yard-shade"] = 8,
    };

    public static async Task Fill(
        BookFile file,
        GasselDb db,
        WeatherBook weather,
        ReadingBook readings,
        ThermometerBook thermometers,
        WriteGate gate,
        DateTimeOffset realNow
    )
    {
        // a book of one's own that nobody named yet is no demo
        if (await db.Sites.AnyAsync() || await db.Lots.AnyAsync() || await db.Batches.AnyAsync())
            return;
        var half = new HalfMadeDemo(file);
        half.Begin();
        db.Sites.Add(
            new()
            {
                Name = "Skarve Bench Native Nursery",
                Latitude = 46.8,
                TimeZone = "America/Denver",
                LastFrost = "05-08",
                WeatherRecordId = await weather.Add(
                    "Skarve Bench, generated",
                    generated: true,
                    Starts,
                    DemoWeather.Days(),
                    gate,
                    CancellationToken.None
                ),
                Settings = CoreJson.Write(new SiteSettings(ElevationM: 620, FrostBasis: FrostBasis.Record, Costs: Prices)),
                DemoWoundAt = realNow.ToUnixTimeMilliseconds(),
                DemoShowed = Starts.ToUnixTimeMilliseconds(),
            }
        );
        db.Lots.AddRange(DemoLots.All);
        foreach (var place in await db.Places.ToListAsync())
            place.Capacity = Spots.TryGetValue(place.Id, out var spots) ? spots : Capacities.GetValueOrDefault(place.Kind);
        await db.SaveChangesAsync();
        var sequence = 0L;
        foreach (var batch in DemoBatches.All)
        {
            db.Batches.Add(batch.ToRow());
            foreach (var entry in batch.Entries)
            {
                var row = EntryCodec.ToRow(entry, batch.Id, entry.RecordedAt);
                row.Sequence = ++sequence;
                db.Entries.Add(row);
            }
        }
        db.Trials.Add(DemoTrial.Row);
        db.Wishes.AddRange(DemoWishes.Rows);
        await db.SaveChangesAsync();
        await DemoReadings.Fill(readings, thermometers, Starts, gate);
        half.Done();
    }
}
