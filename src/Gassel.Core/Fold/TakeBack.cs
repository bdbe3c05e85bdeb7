using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>What else must go when an entry is taken back.</summary>
public static class TakeBack
{
    /// <summary>
    /// The wanted entries and every later one that cannot stand without them, in order of the log. Empty where an id is unknown
    /// or already taken back.
    /// </summary>
    public static IReadOnlyList<Entry> Chain(BatchPlan plan, IReadOnlyList<Entry> entries, IEnumerable<Guid> wanted)
    {
        var before = BatchFold.Run(plan, entries);
        var counting = before.Log.Where(l => l.Fate != EntryFate.TakenBack).Select(l => l.Entry.Id).ToHashSet();
        var gone = wanted.Where(counting.Contains).ToHashSet();
        if (gone.Count == 0)
            return [];
        var conflictsBefore = before.Conflicts.Select(c => c.Entry).ToHashSet();
        while (true)
        {
            var falling = BatchFold
                .Run(plan, entries.Where(e => !gone.Contains(e.Id)))
                .Conflicts.Select(c => c.Entry)
                .Where(id => !conflictsBefore.Contains(id) && !gone.Contains(id))
                .ToList();
            if (falling.Count == 0)
                break;
            gone.UnionWith(falling);
        }
        return before.Log.Select(l => l.Entry).Where(e => gone.Contains(e.Id)).ToList();
    }
}
