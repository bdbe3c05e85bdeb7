using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>
/// Entries that are tried in the fold before they are recorded: one is good where neither it nor any that was good before comes into
/// conflict. Many are tried at once and halved where something does not fit, so that a good file costs one fold.
/// </summary>
/// <param name="kept">What the batch has already.</param>
public sealed class FoldTrial(BatchPlan plan, IEnumerable<Entry> kept)
{
    private readonly List<Entry> _good = [.. kept];
    private HashSet<Guid>? _standing;

    /// <summary>Conflicts that were there before anything was tried.</summary>
    private HashSet<Guid> Standing => _standing ??= [.. BatchFold.Run(plan, _good).Conflicts.Select(c => c.Entry)];

    /// <summary>Of the newest good entry; 0 where there is none.</summary>
    public long LastSequence => _good.Select(e => e.Sequence).DefaultIfEmpty(0).Max();

    /// <summary>For each entry in their order what does not fit; null for a good one, which stays for those after it.</summary>
    public IReadOnlyList<Conflict?> Try(IReadOnlyList<Entry> entries)
    {
        var found = new Conflict?[entries.Count];
        Try(entries, 0, entries.Count, found);
        return found;
    }

    private void Try(IReadOnlyList<Entry> entries, int from, int to, Conflict?[] found)
    {
        if (from == to)
            return;
        var block = entries.Skip(from).Take(to - from);
        var conflict = BatchFold.Run(plan, _good.Concat(block)).Conflicts.FirstOrDefault(c => !Standing.Contains(c.Entry));
        if (conflict is null)
        {
            _good.AddRange(block);
            return;
        }
        if (to - from == 1)
        {
            found[from] = conflict;
            return;
        }
        var half = (from + to) / 2;
        Try(entries, from, half, found);
        Try(entries, half, to, found);
    }
}
