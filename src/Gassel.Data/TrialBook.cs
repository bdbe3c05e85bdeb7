using Gassel.Core.Trials;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data;

/// <summary>The trials of the book: read once, read again after a change.</summary>
public sealed class TrialBook(Func<GasselDb> connect)
{
    private Task<IReadOnlyList<KeptTrial>>? _all;

    /// <summary>By number.</summary>
    public Task<IReadOnlyList<KeptTrial>> All() => _all is { IsFaulted: false } kept ? kept : _all = Read();

    /// <summary>Null where there is no such trial.</summary>
    public async Task<KeptTrial?> Find(Guid id) => (await All()).SingleOrDefault(t => t.Id == id);

    /// <summary>Called after a trial was made or changed.</summary>
    public void Forget() => _all = null;

    private async Task<IReadOnlyList<KeptTrial>> Read()
    {
        await using var db = connect();
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
