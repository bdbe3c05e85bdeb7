using System.Buffers.Text;
using System.Security.Cryptography;
using System.Text;
using Gassel.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data.Readings;

/// <summary>Thermometers that send by themselves, each with a secret of its own. The book keeps what the secret hashes to.</summary>
public sealed class ThermometerBook(Func<GasselDb> connect, ReadingBook readings)
{
    private const int TokenBytes = 32;

    /// <returns>Its id, and the token that is shown this once.</returns>
    public async Task<(Guid Id, string Token)> Make(string name, string place, DateTimeOffset now, WriteGate gate)
    {
        var (id, token) = (Guid.CreateVersion7(now), NewToken());
        await gate.Write(
            async () =>
            {
                await using var db = connect();
                var series = new ReadingSeriesRow
                {
                    PlaceId = place,
                    Name = name,
                    Source = ReadingSource.Sent,
                    Attached = true,
                    AddedAt = now.ToUnixTimeMilliseconds(),
                };
                db.ReadingSeries.Add(series);
                await db.SaveChangesAsync();
                db.Thermometers.Add(
                    new()
                    {
                        Id = id,
                        SeriesId = series.Id,
                        TokenHash = Hash(token),
                    }
                );
                return await db.SaveChangesAsync();
            },
            CancellationToken.None
        );
        readings.Forget(place);
        return (id, token);
    }

    /// <summary>Lets a series that is there already be sent to; a token is made for it with <see cref="Renew"/>.</summary>
    public async Task<Guid> Adopt(int series, DateTimeOffset now, WriteGate gate)
    {
        var id = Guid.CreateVersion7(now);
        await gate.Write(
            async () =>
            {
                await using var db = connect();
                db.Thermometers.Add(
                    new()
                    {
                        Id = id,
                        SeriesId = series,
                        TokenHash = Hash(NewToken()),
                    }
                );
                return await db.SaveChangesAsync();
            },
            CancellationToken.None
        );
        return id;
    }

    /// <summary>Another token in the place of the one there was, which is worth nothing from now on.</summary>
    /// <returns>Null where there is no such thermometer.</returns>
    public async Task<string?> Renew(Guid id, WriteGate gate)
    {
        var token = NewToken();
        var found = await gate.Write(
            async () =>
            {
                await using var db = connect();
                return await db
                    .Thermometers.Where(t => t.Id == id)
                    .ExecuteUpdateAsync(t => t.SetProperty(x => x.TokenHash, Hash(token)), CancellationToken.None);
            },
            CancellationToken.None
        );
        return found == 0 ? null : token;
    }

    /// <summary>Null where there is no such thermometer.</summary>
    public async Task<KeptThermometer?> Find(Guid id)
    {
        await using var db = connect();
        return await Kept(db).SingleOrDefaultAsync(t => t.Id == id);
    }

    public async Task<IReadOnlyList<KeptThermometer>> All()
    {
        await using var db = connect();
        return await Kept(db).ToListAsync();
    }

    private static IQueryable<KeptThermometer> Kept(GasselDb db) =>
        from t in db.Thermometers
        join s in db.ReadingSeries on t.SeriesId equals s.Id
        select new KeptThermometer
        {
            Id = t.Id,
            Series = s.Id,
            PlaceId = s.PlaceId,
            TokenHash = t.TokenHash,
            Attached = s.Attached,
            Topic = t.Topic,
            TempPath = t.TempPath,
            Fahrenheit = t.Fahrenheit,
        };

    /// <returns>False where there is no such thermometer.</returns>
    public async Task<bool> Listen(Guid id, string? topic, string? tempPath, bool fahrenheit, WriteGate gate) =>
        await gate.Write(
            async () =>
            {
                await using var db = connect();
                return await db
                    .Thermometers.Where(t => t.Id == id)
                    .ExecuteUpdateAsync(t =>
                        t.SetProperty(x => x.Topic, topic).SetProperty(x => x.TempPath, tempPath).SetProperty(x => x.Fahrenheit, fahrenheit)
                    );
            },
            CancellationToken.None
        ) > 0;

    /// <summary>The broker that thermometers send through; null without one.</summary>
    public async Task<BrokerRow?> Broker()
    {
        await using var db = connect();
        return await db.Brokers.AsNoTracking().SingleOrDefaultAsync();
    }

    /// <summary>Puts a broker in the place of the one there was, null for none; a password left out stays with its host.</summary>
    public Task Use(BrokerRow? broker, WriteGate gate) =>
        gate.Write(
            async () =>
            {
                await using var db = connect();
                var old = await db.Brokers.SingleOrDefaultAsync();
                if (old is not null)
                    db.Brokers.Remove(old);
                await db.SaveChangesAsync();
                if (broker is not null)
                {
                    broker.Id = 1;
                    // a password is not carried to another broker
                    broker.Password ??= old?.Host == broker.Host ? old.Password : null;
                    db.Brokers.Add(broker);
                }
                return await db.SaveChangesAsync();
            },
            CancellationToken.None
        );

    /// <summary>Ids by series.</summary>
    public async Task<IReadOnlyDictionary<int, Guid>> BySeries()
    {
        await using var db = connect();
        return await db.Thermometers.AsNoTracking().ToDictionaryAsync(t => t.SeriesId, t => t.Id);
    }

    /// <summary>Whether a token is that of the thermometer, in a time that tells nothing of how near it was.</summary>
    public static bool Fits(KeptThermometer thermometer, string token) =>
        CryptographicOperations.FixedTimeEquals(Encoding.ASCII.GetBytes(Hash(token)), Encoding.ASCII.GetBytes(thermometer.TokenHash));

    private static string NewToken() => Base64Url.EncodeToString(RandomNumberGenerator.GetBytes(TokenBytes));

    private static string Hash(string token) => Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(token)));
}
