using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Web.Features.Rounds;

namespace Gassel.Web.Features.Counting;

/// <summary>A sown part as it stands before the one who counts it: all that counting needs, so that it can be kept on a phone.</summary>
/// <param name="PlaceName">Where it stands.</param>
/// <param name="LongestDays">Up to so many days after sowing seedlings are expected; null where the route does not say.</param>
/// <param name="Grid">Cells as they lie; null for a vessel without cells.</param>
/// <param name="Cells">Those that hold this part; null for all.</param>
/// <param name="SeedsPerCell">As sown; null where it is not sown by cells, or nobody said.</param>
/// <param name="IsByCell">Every seedling was counted in a cell.</param>
/// <param name="Others">What else stands in the tray.</param>
/// <param name="EstimatePercent">The number of seeds is an estimate; null where it was counted.</param>
/// <param name="CountsRoots">Roots one season and shoots the next: two counts.</param>
/// <param name="Due">The count that is asked for; null where none is.</param>
/// <param name="Counts">By day, the first first.</param>
/// <param name="Blind">The trial that is counted blind; null where the counter may know what it is.</param>
public sealed record CountTray(
    Guid BatchId,
    int Number,
    string CommonName,
    string Part,
    Vessel? Vessel,
    string PlaceName,
    DateOnly SownOn,
    int? ShortestDays,
    int? LongestDays,
    TrayGrid? Grid,
    IReadOnlyList<int>? Cells,
    int? SeedsPerCell,
    IReadOnlyList<TrayCell> ByCell,
    bool IsByCell,
    IReadOnlyList<TrayNeighbour> Others,
    double? EstimatePercent,
    bool CountsRoots,
    bool IsDomed,
    int Seeds,
    int Emerged,
    int Lost,
    int Rooted,
    int Standing,
    StandingDue? Due,
    IReadOnlyList<CountRecord> Counts,
    string? Blind
);
