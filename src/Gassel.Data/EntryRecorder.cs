using System.Collections.Concurrent;
using Gassel.Core.Batches;

namespace Gassel.Data;

/// <summary>What to do with an entry that cannot be true beside the others.</summary>
public enum IfConflict
{
    /// <summary>Nothing is saved and the grower is told; the default at the bench.</summary>
    Warn,

    /// <summary>It is saved and listed as a conflict: it was done, and comes late from another device.</summary>
    Keep,
}

public abstract record RecordingResult
{
    public sealed record Recorded(ShelvedBatch Batch) : RecordingResult;

    /// <param name="Chain">Where an entry is taken back on which others stand: all that would have to go with it.</param>
    public sealed record Warned(IReadOnlyList<Conflict> Conflicts, IReadOnlyList<Entry> Chain) : RecordingResult;

    public sealed record NoSuchBatch : RecordingResult;

    /// <param name="Id">An entry to take back that this batch does not hold.</param>
    public sealed record NoSuchEntry(Guid Id) : RecordingResult;
}

/// <summary>
/// Appends entries: all of one request or none. Requests that wait for the gate at the same time share one commit, each
/// acknowledged only after it; so many phones cost little more than one.
/// </summary>
public sealed class EntryRecorder(BookFile file, WriteGate gate, BatchShelf shelf, TimeProvider clock) : IDisposable
{
    private readonly Lazy<EntryAppender> _appender = new(() => new EntryAppender(file));
    private readonly ConcurrentQueue<Waiting> _queue = new();

    public async Task<RecordingResult> Record(Guid batch, IReadOnlyList<Entry> entries, IfConflict ifConflict, CancellationToken cancel)
    {
        var mine = new Waiting(batch, entries, ifConflict);
        _queue.Enqueue(mine);
        // whoever comes first through the gate writes for all that wait; the others find their answer there
        await gate.Write(async () =>
        {
            while (!mine.Answer.Task.IsCompleted) await WriteAllWaiting();
            return true;
        }, CancellationToken.None);
        cancel.ThrowIfCancellationRequested();
        return await mine.Answer.Task;
    }

    public void Dispose()
    {
        if (_appender.IsValueCreated) _appender.Value.Dispose();
    }

    /// <summary>One commit for the requests in the queue, at most one of each batch; a second of the same batch must see the first.</summary>
    private async Task WriteAllWaiting()
    {
        var together = new List<Judged>();
        while (_queue.TryPeek(out var next) && together.All(j => j.Held.Row.Id != next.Batch))
        {
            _queue.TryDequeue(out _);
            try
            {
                if (await Judge(next) is { } judged) together.Add(judged);
            }
            catch (Exception failed)
            {
                // nobody may wait for an answer that never comes
                next.Answer.TrySetException(failed);
            }
        }
        if (together.Count == 0) return;
        try
        {
            var now = clock.GetUtcNow();
            var sequences = _appender.Value.Append([.. together.SelectMany(j => j.Fresh.Select(e => EntryCodec.ToRow(e, j.Held.Row.Id, now)))]);
            var at = 0;
            foreach (var judged in together)
            {
                var added = judged.Fresh.Zip(sequences.Skip(at)).Where(t => t.Second is not null).Select(t => t.First with { Sequence = t.Second!.Value }).ToList();
                at += judged.Fresh.Count;
                judged.Waiting.Answer.SetResult(new RecordingResult.Recorded(shelf.Append(judged.Held, added)));
            }
        }
        catch (Exception failed)
        {
            // the commit failed for all alike; each asker is told, and nothing is on the shelf
            foreach (var judged in together) judged.Waiting.Answer.TrySetException(failed);
        }
    }

    /// <summary>What is to be written for a request; null where it has its answer already.</summary>
    private async Task<Judged?> Judge(Waiting waiting)
    {
        if (await shelf.Find(waiting.Batch) is not { } held)
        {
            waiting.Answer.SetResult(new RecordingResult.NoSuchBatch());
            return null;
        }
        var known = held.Entries.Select(e => e.Id).ToHashSet();
        var fresh = waiting.Entries.DistinctBy(e => e.Id).Where(e => !known.Contains(e.Id)).ToList();
        var answer = fresh.Count == 0 ? new RecordingResult.Recorded(held) : waiting.IfConflict == IfConflict.Warn ? Objection(held, fresh) : null;
        if (answer is null) return new(waiting, held, fresh);
        waiting.Answer.SetResult(answer);
        return null;
    }

    private sealed record Judged(Waiting Waiting, ShelvedBatch Held, List<Entry> Fresh);

    private sealed record Waiting(Guid Batch, IReadOnlyList<Entry> Entries, IfConflict IfConflict)
    {
        public TaskCompletionSource<RecordingResult> Answer { get; } = new(TaskCreationOptions.RunContinuationsAsynchronously);
    }

    private static RecordingResult? Objection(ShelvedBatch held, List<Entry> fresh)
    {
        var there = held.Entries.Concat(fresh).Select(e => e.Id).ToHashSet();
        if (fresh.Select(e => e.Payload).OfType<VoidEntry>().FirstOrDefault(v => !there.Contains(v.Entry)) is { } lost)
        {
            return new RecordingResult.NoSuchEntry(lost.Entry);
        }
        var after = BatchFold.Run(held.Plan, [.. held.Entries, .. fresh.Select((e, i) => e with { Sequence = held.State.LastSequence + 1 + i })]);
        var before = held.State.Conflicts.Select(c => c.Entry).ToHashSet();
        var conflicts = after.Conflicts.Where(c => !before.Contains(c.Entry)).ToList();
        if (conflicts.Count == 0) return null;
        return new RecordingResult.Warned(conflicts, TakeBack.Chain(held.Plan, held.Entries, fresh.Select(e => e.Payload).OfType<VoidEntry>().Select(v => v.Entry)));
    }
}
