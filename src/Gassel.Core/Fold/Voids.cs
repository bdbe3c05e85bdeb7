using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>Which entries are taken back. A void may be voided; a void of an entry that is not there is held.</summary>
internal static class Voids
{
    /// <summary>Ids of the entries that do not count because a counting void names them.</summary>
    public static HashSet<Guid> TakenBack(IEnumerable<Entry> entries)
    {
        var voidersOf = entries.Where(e => e.Payload is VoidEntry).ToLookup(e => ((VoidEntry)e.Payload).Entry, e => e.Id);
        var known = new Dictionary<Guid, bool>();
        bool IsTakenBack(Guid id, HashSet<Guid> path)
        {
            if (known.TryGetValue(id, out var answer))
                return answer;
            // a ring of voids has no answer; the first one asked about counts
            if (!path.Add(id))
                return false;
            answer = voidersOf[id].Any(voider => !IsTakenBack(voider, path));
            path.Remove(id);
            return known[id] = answer;
        }
        return entries.Select(e => e.Id).Where(id => IsTakenBack(id, [])).ToHashSet();
    }
}
