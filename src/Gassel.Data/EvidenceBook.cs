using Gassel.Core.Germination;
using Gassel.Core.Planning;
using Gassel.Core.Treatments;
using Gassel.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data;

/// <summary>What other nurseries' finished batches say, each nursery apart. It teaches and is never counted as one's own.</summary>
public sealed class EvidenceBook(Func<GasselDb> connect)
{
    private readonly KeptReading<IReadOnlyList<KeptEvidence>> _all = new(() => Read(connect));

    /// <summary>By name.</summary>
    public Task<IReadOnlyList<KeptEvidence>> All() => _all.Get();

    /// <summary>Those of each nursery that speak for the route.</summary>
    public static IReadOnlyList<OthersBatches> Of(IEnumerable<KeptEvidence> all, Species species, Route route) =>
        [
            .. all.Select(e => new OthersBatches(e.Nursery, [.. e.Results.Where(r => r.Speaks(species, route)).Select(r => r.Past)]))
                .Where(o => o.Batches.Count > 0),
        ];

    /// <summary>What each nursery tells of the cold of the route, with batches that are over.</summary>
    public static IReadOnlyList<OthersColds> ColdOf(IEnumerable<KeptEvidence> all, Species species, Route route) =>
        [
            .. all.Select(e => new OthersColds(
                    e.Nursery,
                    [
                        .. e
                            .Results.Where(r => !r.AtLeast && r.SpeaksOfCold(species, route))
                            .Select(r => new ColdBatch(r.ColdDays, r.Seeds, r.Germinated)),
                    ]
                ))
                .Where(o => o.Batches.Count > 0),
        ];

    /// <summary>Called behind the gate. What the same nursery told before is replaced.</summary>
    public async Task Keep(KeptEvidence evidence)
    {
        await using var db = connect();
        await db.Evidence.Where(e => e.Nursery == evidence.Nursery).ExecuteDeleteAsync(CancellationToken.None);
        db.Evidence.Add(
            new()
            {
                Id = evidence.Id,
                Nursery = evidence.Nursery,
                WrittenAt = evidence.WrittenAt?.ToUnixTimeMilliseconds(),
                ReadAt = evidence.ReadAt.ToUnixTimeMilliseconds(),
                Results = CoreJson.Write(new EvidenceTold(evidence.Results)),
            }
        );
        await db.SaveChangesAsync(CancellationToken.None);
        _all.Forget();
    }

    /// <summary>Called behind the gate. False where there is none of the id.</summary>
    public async Task<bool> Remove(Guid id)
    {
        await using var db = connect();
        var gone = await db.Evidence.Where(e => e.Id == id).ExecuteDeleteAsync(CancellationToken.None);
        _all.Forget();
        return gone > 0;
    }

    /// <summary>Called after the book was changed otherwise.</summary>
    public void Forget() => _all.Forget();

    private static async Task<IReadOnlyList<KeptEvidence>> Read(Func<GasselDb> connect)
    {
        await using var db = connect();
        return [.. (await db.Evidence.AsNoTracking().ToListAsync()).OrderBy(e => e.Nursery, StringComparer.CurrentCulture).Select(Of)];
    }

    private static KeptEvidence Of(EvidenceRow row) =>
        new(
            row.Id,
            row.Nursery,
            row.WrittenAt is { } at ? DateTimeOffset.FromUnixTimeMilliseconds(at) : null,
            DateTimeOffset.FromUnixTimeMilliseconds(row.ReadAt),
            CoreJson.Read<EvidenceTold>(row.Results).Batches
        );
}
