using Gassel.Core.Planning;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data;

/// <summary>Wishes of which no batch was made yet: read once, read again after a change.</summary>
public sealed class WishBook
{
    private readonly Func<GasselDb> _connect;
    private readonly KeptReading<IReadOnlyList<KeptWish>> _all;

    public WishBook(Func<GasselDb> connect)
    {
        _connect = connect;
        _all = new(Read);
    }

    /// <summary>By number.</summary>
    public Task<IReadOnlyList<KeptWish>> All() => _all.Get();

    /// <summary>Called after a wish was made, changed or became a batch.</summary>
    public void Forget() => _all.Forget();

    private async Task<IReadOnlyList<KeptWish>> Read()
    {
        await using var db = _connect();
        return
        [
            .. (await db.Wishes.AsNoTracking().Where(w => w.BatchId == null).OrderBy(w => w.Number).ToListAsync()).Select(w => new KeptWish(
                w.Id,
                w.Number,
                CoreJson.Read<Wish>(w.Wish)
            )),
        ];
    }
}
