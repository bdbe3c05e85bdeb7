using Gassel.Core.Climate;
using Gassel.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data;

/// <summary>
/// Every word on the weather to come, kept also after the day came: beside what was measured it shows how good they were.
/// </summary>
public sealed class ForecastBook(Func<GasselDb> connect)
{
    private long _version;

    /// <summary>Words came in past this book.</summary>
    public void Forget() => Interlocked.Increment(ref _version);

    /// <summary>Goes up with every word.</summary>
    public long Version => Interlocked.Read(ref _version);

    /// <summary>Words on days from one on, in the order they came.</summary>
    public async Task<IReadOnlyList<ForecastWord>> From(DateOnly day)
    {
        await using var db = connect();
        return
        [
            .. (await db.ForecastWords.AsNoTracking().Where(w => w.Day >= day).OrderBy(w => w.Id).ToListAsync()).Select(w => w.ToWord()),
        ];
    }

    /// <summary>The service that is asked; null where there is none.</summary>
    public async Task<ForecastServiceRow?> Service()
    {
        await using var db = connect();
        return await db.ForecastServices.AsNoTracking().SingleOrDefaultAsync();
    }

    /// <summary>Puts a service in the place of the one there was; null for none.</summary>
    public Task Use(string? service, WriteGate gate) =>
        gate.Write(
            async () =>
            {
                await using var db = connect();
                await db.ForecastServices.ExecuteDeleteAsync();
                if (service is not null)
                    db.ForecastServices.Add(new() { Service = service });
                return await db.SaveChangesAsync();
            },
            CancellationToken.None
        );

    /// <summary>Notes what became of a question; nothing where another service is used by now.</summary>
    public Task Asked(ForecastServiceRow how, WriteGate gate) =>
        gate.Write(
            async () =>
            {
                await using var db = connect();
                return await db
                    .ForecastServices.Where(s => s.Id == how.Id && s.Service == how.Service)
                    .ExecuteUpdateAsync(s =>
                        s.SetProperty(x => x.AskedAt, how.AskedAt)
                            .SetProperty(x => x.ToldAt, how.ToldAt)
                            .SetProperty(x => x.NextAt, how.NextAt)
                            .SetProperty(x => x.Failures, how.Failures)
                            .SetProperty(x => x.Fault, how.Fault)
                    );
            },
            CancellationToken.None
        );

    public async Task Add(IEnumerable<ForecastWord> words, WriteGate gate, CancellationToken cancel)
    {
        var rows = words.Select(ForecastWordRow.Of).ToList();
        await gate.Write(
            async () =>
            {
                await using var db = connect();
                db.ForecastWords.AddRange(rows);
                return await db.SaveChangesAsync(CancellationToken.None);
            },
            cancel
        );
        Interlocked.Increment(ref _version);
    }
}
