using Gassel.Core.Batches;
using Microsoft.EntityFrameworkCore;

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

/// <summary>Appends entries: all of one request or none.</summary>
public sealed class EntryRecorder(Func<GasselDb> connect, WriteGate gate, BatchShelf shelf, TimeProvider clock)
{
    public Task<RecordingResult> Record(Guid batch, IReadOnlyList<Entry> entries, IfConflict ifConflict, CancellationToken cancel) =>
        gate.Write(async () =>
        {
            if (await shelf.Find(batch) is not { } held) return new RecordingResult.NoSuchBatch();
            await using var db = connect();
            var ids = entries.Select(e => e.Id).ToList();
            var known = await db.Entries.Where(e => ids.Contains(e.Id)).Select(e => e.Id).ToListAsync(CancellationToken.None);
            var fresh = entries.Where(e => !known.Contains(e.Id)).DistinctBy(e => e.Id).ToList();
            if (fresh.Count == 0) return new RecordingResult.Recorded(held);

            if (ifConflict == IfConflict.Warn && Objection(held, fresh) is { } objection) return objection;

            var now = clock.GetUtcNow();
            db.Entries.AddRange(fresh.Select(e => EntryCodec.ToRow(e, batch, now)));
            await db.SaveChangesAsync(CancellationToken.None);
            return new RecordingResult.Recorded((await shelf.Find(batch))!);
        }, cancel);

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
