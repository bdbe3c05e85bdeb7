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
