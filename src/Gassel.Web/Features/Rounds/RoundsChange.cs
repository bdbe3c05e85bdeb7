using Gassel.Web.Features.Book;
using Gassel.Web.Features.Yard;

namespace Gassel.Web.Features.Rounds;

/// <summary>What a gesture makes otherwise on today's Rounds; all that is not named here stands as it was.</summary>
/// <param name="Sequence">Of the newest entry of the book. Where it is further on than by the gesture, somebody else recorded something,
/// and what was told before is old.</param>
/// <param name="Batches">Of the gesture: what stands of them is what <paramref name="Places"/> tells, and nothing else.</param>
/// <param name="Places">Places where something of them stands or stood, with the parts of these batches alone.</param>
/// <param name="Order">Ids of all places, in the order of the grower.</param>
/// <param name="Conflicts">The first of them.</param>
/// <param name="ConflictCount">How many there are.</param>
/// <param name="Yard">All that the weather asks of containers.</param>
/// <param name="Aside">All batches that cannot be computed.</param>
public sealed record RoundsChange(
    DateOnly Today,
    long Sequence,
    IReadOnlyList<Guid> Batches,
    IReadOnlyList<RoundsPlace> Places,
    IReadOnlyList<string> Order,
    IReadOnlyList<RoundsConflict> Conflicts,
    int ConflictCount,
    IReadOnlyList<YardAlert> Yard,
    IReadOnlyList<BatchAside> Aside
);
