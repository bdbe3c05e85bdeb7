using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>
/// From a plan and its entries to the state of the batch. Total: whatever the entries say, it never throws; what cannot be true
/// becomes a conflict. Entries count in order of the day they were done, then of arrival. Voids resolve first.
/// </summary>
public static class BatchFold
{
    public static BatchState Run(BatchPlan plan, IEnumerable<Entry> entries)
    {
        var here = FirstOfEach(entries);
        var once = InOrder(here.Values);
        var takenBack = once.Exists(e => e.Payload is VoidEntry) ? Voids.TakenBack(once) : [];
        var run = new Folding(plan);
        var log = new List<LoggedEntry>(once.Count);
        foreach (var entry in once)
        {
            if (takenBack.Contains(entry.Id))
            {
                log.Add(new(entry, EntryFate.TakenBack, null));
            }
            else if (entry.Payload is VoidEntry v)
            {
                log.Add(new(entry, here.ContainsKey(v.Entry) ? EntryFate.Counted : EntryFate.Held, null));
            }
            else
            {
                var conflict = run.Apply(entry);
                log.Add(new(entry, conflict is null ? EntryFate.Counted : EntryFate.InConflict, conflict));
            }
        }
        return new(run.Parts(), run.SeedsStarted, log, once.Count == 0 ? 0 : once.Max(e => e.Sequence), run.LastReplan)
        {
            CautionsRead = run.CautionsRead,
            BooksClosedOn = run.BooksClosedOn,
            ResultJudged = run.Judged,
            Insides = run.Insides,
            LeftOut = run.LeftOut,
            InConflict = log.FindAll(l => l.Conflict is not null),
            DiscardedOn = run.SeedsStarted > 0 ? null : run.DiscardedOn,
        };
    }

    /// <summary>The same id twice is one entry: that which arrived first.</summary>
    private static Dictionary<Guid, Entry> FirstOfEach(IEnumerable<Entry> entries)
    {
        var first = new Dictionary<Guid, Entry>(entries is IReadOnlyCollection<Entry> known ? known.Count : 0);
        foreach (var entry in entries)
        {
            if (!first.TryGetValue(entry.Id, out var there) || entry.Sequence < there.Sequence)
                first[entry.Id] = entry;
        }
        return first;
    }

    /// <summary>By the day done, then by arrival. Most batches are recorded in that order and need no sorting.</summary>
    private static List<Entry> InOrder(IReadOnlyCollection<Entry> entries)
    {
        var list = new List<Entry>(entries);
        for (var i = 1; i < list.Count; i++)
        {
            var (a, b) = (list[i - 1], list[i]);
            if (a.DoneOn > b.DoneOn || (a.DoneOn == b.DoneOn && a.Sequence > b.Sequence))
                return [.. list.OrderBy(e => e.DoneOn).ThenBy(e => e.Sequence)];
        }
        return list;
    }
}
