using Gassel.Web.Features.Book;
using Gassel.Web.Features.Yard;

namespace Gassel.Web.Features.Rounds;

/// <param name="DueCount">Things due today or late, over all places.</param>
/// <param name="Sequence">Of the newest entry that they know of.</param>
/// <param name="Conflicts">The first of them.</param>
/// <param name="ConflictCount">How many there are.</param>
/// <param name="Yard">What the weather asks of containers.</param>
/// <param name="SimulatedAside">Simulated thermometers that an older version let into a real book: kept, and counted nowhere.</param>
/// <param name="Aside">Batches that cannot be computed, and are in no list.</param>
public sealed record RoundsView(
    DateOnly Today,
    long Sequence,
    int DueCount,
    IReadOnlyList<RoundsPlace> Places,
    IReadOnlyList<RoundsConflict> Conflicts,
    int ConflictCount,
    IReadOnlyList<YardAlert> Yard,
    IReadOnlyList<BatchAside> Aside,
    IReadOnlyList<string> SimulatedAside
);
