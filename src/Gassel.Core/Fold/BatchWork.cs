using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>The work that went into a batch, from its entries.</summary>
public static class BatchWork
{
    /// <summary>
    /// Times that hands were on it: looks and counts, moves and waters, each gesture of a day once; notes, photos and the keeping of the
    /// book are none.
    /// </summary>
    public static int Gestures(IEnumerable<Entry> entries) =>
        entries
            .Where(e => e.Payload is not (Note or PhotoTaken or VoidEntry or CautionRead or Closed))
            .Select(e => (e.Act, e.DoneOn))
            .Distinct()
            .Count();
}
