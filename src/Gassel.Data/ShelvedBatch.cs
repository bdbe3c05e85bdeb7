using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Data.Rows;

namespace Gassel.Data;

/// <summary>A batch with its entries and what follows from them.</summary>
/// <param name="Plan">As confirmed, with the last way on that was taken.</param>
public sealed record ShelvedBatch(BatchRow Row, BatchPlan Plan, IReadOnlyList<Entry> Entries, BatchState State)
{
    internal static ShelvedBatch Of(BatchRow row, BatchPlan confirmed, IReadOnlyList<Entry> entries)
    {
        var state = BatchFold.Run(confirmed, entries);
        return new(row, confirmed.With(state.Replanned).Without(state.LeftOut), entries, state) { Confirmed = confirmed };
    }

    /// <summary>The same with entries that come after those it has.</summary>
    internal ShelvedBatch With(IEnumerable<Entry> entries) => Of(Row, Confirmed, [.. Entries, .. entries]);

    /// <summary>As it was confirmed.</summary>
    internal BatchPlan Confirmed { get; private init; } = Plan;
}
