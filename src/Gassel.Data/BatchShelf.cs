using System.Collections.Concurrent;
using Gassel.Core.Batches;
using Gassel.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data;

/// <summary>A batch with its entries and what follows from them.</summary>
public sealed record ShelvedBatch(BatchRow Row, BatchPlan Plan, IReadOnlyList<Entry> Entries, BatchState State);

/// <summary>
/// Batches folded to their state, kept in memory and brought up to date from the entries that have arrived since. What it holds can
/// be thrown away at any time.
/// </summary>
public sealed class BatchShelf(Func<GasselDb> connect) : IDisposable
{
    private readonly ConcurrentDictionary<Guid, ShelvedBatch> _held = new();
    private readonly SemaphoreSlim _turn = new(1, 1);
    private long _seen;
    private bool _filled;

    /// <summary>Every batch, by number.</summary>
    public async Task<IReadOnlyList<ShelvedBatch>> All()
    {
        await CatchUp();
        return [.. _held.Values.OrderBy(b => b.Row.Number)];
    }

    /// <summary>Null where there is no such batch.</summary>
    public async Task<ShelvedBatch?> Find(Guid id)
    {
        await CatchUp();
        return _held.GetValueOrDefault(id);
    }

    /// <summary>Puts a batch confirmed just now on the shelf.</summary>
    public void Add(BatchRow row)
    {
        var plan = CoreJson.Read<BatchPlan>(row.Plan);
        _held.TryAdd(row.Id, new(row, plan, [], BatchFold.Run(plan, [])));
    }

    public void Dispose() => _turn.Dispose();

    private async Task CatchUp()
    {
        await _turn.WaitAsync();
        try
        {
            await using var db = connect();
            if (!_filled)
            {
                foreach (var row in await db.Batches.AsNoTracking().ToListAsync()) Add(row);
                _filled = true;
            }
            var seen = _seen;
            var news = await db.Entries.AsNoTracking().Where(e => e.Sequence > seen).OrderBy(e => e.Sequence).ToListAsync();
            foreach (var ofBatch in news.GroupBy(e => e.BatchId))
            {
                if (!_held.TryGetValue(ofBatch.Key, out var held)) continue;
                List<Entry> entries = [.. held.Entries, .. ofBatch.Select(EntryCodec.FromRow)];
                _held[ofBatch.Key] = held with { Entries = entries, State = BatchFold.Run(held.Plan, entries) };
            }
            if (news.Count > 0) _seen = news[^1].Sequence;
        }
        finally
        {
            _turn.Release();
        }
    }
}
