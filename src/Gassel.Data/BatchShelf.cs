using System.Collections.Concurrent;
using System.Runtime.ExceptionServices;
using Gassel.Core.Record;
using Gassel.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data;

/// <summary>
/// Batches folded to their state and kept in memory. Filled from the file at the first question; after that the one writer puts
/// on it what it has committed. What it holds can be thrown away at any time.
/// </summary>
public sealed class BatchShelf(Func<GasselDb> connect) : IDisposable
{
    private readonly ConcurrentDictionary<Guid, ShelvedBatch> _held = new();
    private readonly SemaphoreSlim _turn = new(1, 1);
    private volatile bool _filled;
    private long _version;

    /// <summary>Goes up with everything that is put on the shelf.</summary>
    public long Version => Interlocked.Read(ref _version);

    /// <summary>Every batch, by number; those whose plan was discarded are not among them.</summary>
    public async Task<IReadOnlyList<ShelvedBatch>> All()
    {
        await Fill();
        return [.. _held.Values.Where(b => b.State.DiscardedOn is null).OrderBy(b => b.Row.Number)];
    }

    /// <summary>Batches whose plan was discarded, by number.</summary>
    public async Task<IReadOnlyList<ShelvedBatch>> Discarded()
    {
        await Fill();
        return [.. _held.Values.Where(b => b.State.DiscardedOn is not null).OrderBy(b => b.Row.Number)];
    }

    /// <summary>Of the newest entry of the book; 0 while there is none.</summary>
    public async Task<long> LastSequence()
    {
        await Fill();
        return _held.Values.Select(b => b.State.LastSequence).DefaultIfEmpty(0).Max();
    }

    /// <summary>Puts a batch on the shelf anew whose plan was changed just now.</summary>
    public void Replace(BatchRow row, IReadOnlyList<Entry> entries) => Put(row, entries);

    /// <summary>Null where there is no such batch.</summary>
    public async Task<ShelvedBatch?> Find(Guid id)
    {
        await Fill();
        return _held.GetValueOrDefault(id);
    }

    /// <summary>Puts a batch confirmed just now on the shelf.</summary>
    public void Add(BatchRow row) => Put(row, []);

    /// <summary>Puts a batch on the shelf as it is with entries committed just now.</summary>
    public void Put(ShelvedBatch batch)
    {
        _held[batch.Row.Id] = batch;
        Interlocked.Increment(ref _version);
    }

    /// <summary>Reads everything again: after many batches came in at once.</summary>
    public async Task Reread()
    {
        _filled = false;
        await Fill();
    }

    public void Dispose() => _turn.Dispose();

    private async Task Fill()
    {
        if (_filled)
            return;
        await _turn.WaitAsync();
        try
        {
            if (_filled)
                return;
            await using var db = connect();
            var rows = await db.Batches.AsNoTracking().ToDictionaryAsync(b => b.Id);
            var read = new EntriesRead();
            // reading what they say takes longer than the file does, and no batch hangs on another
            Parallel.ForEach(Partitioner.Create(OfEach(db, rows), EnumerablePartitionerOptions.NoBuffering), of =>
                Put(of.Row, [.. of.Entries.Select(read.Of)])
            );
            _filled = true;
        }
        catch (AggregateException several)
        {
            ExceptionDispatchInfo.Throw(several.InnerException!);
        }
        finally
        {
            _turn.Release();
        }
    }

    /// <summary>
    /// Batch after batch with its entries by arrival, as they come out of the file; none of them is held here. A batch that came after the
    /// rows were read is passed over: whoever made it puts it on the shelf.
    /// </summary>
    private static IEnumerable<(BatchRow Row, List<EntryRow> Entries)> OfEach(GasselDb db, Dictionary<Guid, BatchRow> rows)
    {
        var silent = rows.Keys.ToHashSet();
        List<EntryRow> entries = [];
        foreach (var entry in db.Entries.AsNoTracking().OrderBy(e => e.BatchId).ThenBy(e => e.Sequence))
        {
            if (entries.Count > 0 && entries[0].BatchId != entry.BatchId)
            {
                yield return (rows[entries[0].BatchId], entries);
                entries = [];
            }
            if (!rows.ContainsKey(entry.BatchId))
                continue;
            entries.Add(entry);
            silent.Remove(entry.BatchId);
        }
        if (entries.Count > 0)
            yield return (rows[entries[0].BatchId], entries);
        foreach (var id in silent)
            yield return (rows[id], []);
    }

    private void Put(BatchRow row, IReadOnlyList<Entry> entries) => Put(ShelvedBatch.Of(row, CoreJson.Read<BatchPlan>(row.Plan), entries));
}
