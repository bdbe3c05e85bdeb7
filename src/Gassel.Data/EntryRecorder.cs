using System.Collections.Concurrent;
using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Data;

/// <summary>
/// Appends entries: all of one request or none. Requests that wait for the gate at the same time share one commit, each
/// acknowledged only after it; so many phones cost little more than one.
/// </summary>
public sealed class EntryRecorder(BookFile file, WriteGate gate, BatchShelf shelf, TimeProvider clock) : IDisposable
{
    private readonly Lazy<EntryAppender> _appender = new(() => new EntryAppender(file));
    private readonly ConcurrentQueue<Waiting> _queue = new();

    public Task<RecordingResult> Record(Guid batch, IReadOnlyList<Entry> entries, IfConflict ifConflict, CancellationToken cancel) =>
        Record([new(batch, entries)], ifConflict, cancel);

    /// <summary>One gesture on one or many batches, each named once.</summary>
    public async Task<RecordingResult> Record(IReadOnlyList<BatchEntries> act, IfConflict ifConflict, CancellationToken cancel)
    {
        var mine = new Waiting(act, ifConflict);
        _queue.Enqueue(mine);
        // whoever comes first through the gate writes for all that wait; the others find their answer there
        await gate.Write(
            async () =>
            {
                while (!mine.Answer.Task.IsCompleted)
                    await WriteAllWaiting();
                return true;
            },
            CancellationToken.None
        );
        cancel.ThrowIfCancellationRequested();
        return await mine.Answer.Task;
    }

    public void Dispose()
    {
        if (_appender.IsValueCreated)
            _appender.Value.Dispose();
    }

    /// <summary>
    /// One commit for the requests in the queue, at most one of each batch; a second of the same batch must see the first.
    /// </summary>
    private async Task WriteAllWaiting()
    {
        var together = new List<Judged>();
        var ids = new HashSet<Guid>();
        // entries are judged with the sequence that they will have, so that what was folded to judge them is what goes on the shelf
        long next;
        try
        {
            next = _appender.Value.Next();
        }
        catch (Exception failed)
        {
            while (_queue.TryDequeue(out var waiting))
                waiting.Answer.TrySetException(failed);
            return;
        }
        while (_queue.TryPeek(out var first) && together.All(j => j.Touches.All(t => first.Act.All(a => a.Batch != t.Held.Row.Id))))
        {
            _queue.TryDequeue(out _);
            try
            {
                if (await Judge(first, ids, next) is { } judged)
                {
                    together.Add(judged);
                    next += judged.Touches.Sum(t => t.Fresh.Count);
                    ids.UnionWith(judged.Touches.SelectMany(t => t.Fresh).Select(e => e.Id));
                }
            }
            catch (Exception failed)
            {
                // nobody may wait for an answer that never comes
                first.Answer.TrySetException(failed);
            }
        }
        if (together.Count == 0)
            return;
        try
        {
            var now = clock.GetUtcNow();
            var sequences = _appender.Value.Append([
                .. together.SelectMany(j => j.Touches).SelectMany(t => t.Fresh.Select(e => EntryCodec.ToRow(e, t.Held.Row.Id, now))),
            ]);
            var at = 0;
            foreach (var judged in together)
            {
                var batches = new List<ShelvedBatch>(judged.Touches.Count);
                foreach (var touch in judged.Touches)
                {
                    var added = sequences.Skip(at).Take(touch.Fresh.Count).ToList();
                    at += touch.Fresh.Count;
                    var batch = touch.After(added);
                    if (!ReferenceEquals(batch, touch.Held))
                        shelf.Put(batch);
                    batches.Add(batch);
                }
                judged.Waiting.Answer.SetResult(new RecordingResult.Recorded(batches));
            }
        }
        catch (Exception failed)
        {
            // the commit failed for all alike; each asker is told, and nothing is on the shelf
            foreach (var judged in together)
                judged.Waiting.Answer.TrySetException(failed);
        }
    }

    /// <summary>What is to be written for a request; null where it has its answer already.</summary>
    /// <param name="ids">Of what is written in the same commit.</param>
    /// <param name="next">The sequence that its first entry will have.</param>
    private async Task<Judged?> Judge(Waiting waiting, HashSet<Guid> ids, long next)
    {
        var own = new HashSet<Guid>();
        var touches = new List<Touch>(waiting.Act.Count);
        foreach (var (batch, entries) in waiting.Act)
        {
            if (await shelf.Find(batch) is not { } held)
            {
                waiting.Answer.SetResult(new RecordingResult.NoSuchBatch(batch));
                return null;
            }
            var known = held.Entries.Select(e => e.Id).ToHashSet();
            var fresh = entries.DistinctBy(e => e.Id).Where(e => !known.Contains(e.Id)).Select(e => e with { Sequence = next++ }).ToList();
            // an id that is another's would be passed over in silence, and its word lost
            if (fresh.Find(e => !own.Add(e.Id) || ids.Contains(e.Id) || _appender.Value.Holds(e.Id)) is { } taken)
            {
                waiting.Answer.SetResult(new RecordingResult.IdTaken(taken.Id));
                return null;
            }
            var after = fresh.Count == 0 ? held : held.With(fresh);
            if (fresh.Count > 0 && waiting.IfConflict == IfConflict.Warn && Objection(held, fresh, after) is { } objection)
            {
                waiting.Answer.SetResult(objection);
                return null;
            }
            touches.Add(new(held, fresh, after));
        }
        if (touches.Exists(t => t.Fresh.Count > 0))
            return new(waiting, touches);
        waiting.Answer.SetResult(new RecordingResult.Recorded([.. touches.Select(t => t.Held)]));
        return null;
    }

    /// <summary>One batch with what is new of the request, and as it is with that.</summary>
    private sealed record Touch(ShelvedBatch Held, List<Entry> Fresh, ShelvedBatch Foreseen)
    {
        /// <summary>The batch as it stands in the file. What was foreseen, unless the file gave other sequences.</summary>
        public ShelvedBatch After(IReadOnlyList<long?> given)
        {
            if (given.SequenceEqual(Fresh.Select(e => (long?)e.Sequence)))
                return Foreseen;
            var added = Fresh.Zip(given).Where(t => t.Second is not null).Select(t => t.First with { Sequence = t.Second!.Value }).ToList();
            return added.Count == 0 ? Held : Held.With(added);
        }
    }

    private sealed record Judged(Waiting Waiting, List<Touch> Touches);

    private sealed record Waiting(IReadOnlyList<BatchEntries> Act, IfConflict IfConflict)
    {
        public TaskCompletionSource<RecordingResult> Answer { get; } = new(TaskCreationOptions.RunContinuationsAsynchronously);
    }

    private static RecordingResult? Objection(ShelvedBatch held, List<Entry> fresh, ShelvedBatch after)
    {
        var there = held.Entries.Concat(fresh).Select(e => e.Id).ToHashSet();
        if (fresh.Select(e => e.Payload).OfType<VoidEntry>().FirstOrDefault(v => !there.Contains(v.Entry)) is { } lost)
        {
            return new RecordingResult.NoSuchEntry(lost.Entry);
        }
        var before = held.State.Conflicts.Select(c => c.Entry).ToHashSet();
        var conflicts = after.State.Conflicts.Where(c => !before.Contains(c.Entry)).ToList();
        if (conflicts.Count == 0)
            return null;
        return new RecordingResult.Warned(
            held.Row.Id,
            conflicts,
            TakeBack.Chain(held.Plan, held.Entries, fresh.Select(e => e.Payload).OfType<VoidEntry>().Select(v => v.Entry))
        );
    }
}
