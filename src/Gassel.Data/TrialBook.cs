using Gassel.Core.Trials;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data;

/// <summary>The trials of the book: read once, read again after a change.</summary>
public sealed class TrialBook
{
    private readonly Func<GasselDb> _connect;
    private readonly KeptReading<IReadOnlyList<KeptTrial>> _all;

    public TrialBook(Func<GasselDb> connect)
    {
        _connect = connect;
        _all = new(Read);
    }

    /// <summary>By number.</summary>
    public Task<IReadOnlyList<KeptTrial>> All() => _all.Get();

    /// <summary>Null where there is no such trial.</summary>
    public async Task<KeptTrial?> Find(Guid id) => (await All()).SingleOrDefault(t => t.Id == id);

    /// <summary>Called after a trial was made or changed.</summary>
    public void Forget() => _all.Forget();

    private async Task<IReadOnlyList<KeptTrial>> Read()
    {
        await using var db = _connect();
        return
        [
            .. (await db.Trials.AsNoTracking().OrderBy(t => t.Number).ToListAsync()).Select(t => new KeptTrial(
                t.Id,
                t.Number,
                CoreJson.Read<TrialDesign>(t.Design),
                DateTimeOffset.FromUnixTimeMilliseconds(t.MadeAt),
                t.Who
            )),
        ];
    }
}
