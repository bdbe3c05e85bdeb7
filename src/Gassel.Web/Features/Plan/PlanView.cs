using Gassel.Core.Growing;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Web.Features.Learning;
using Gassel.Web.Features.Seed;

namespace Gassel.Web.Features.Plan;

/// <param name="Options">Empty unless the usual start is past.</param>
/// <param name="Routes">Every route of the species, the one planned with among them.</param>
/// <param name="SeedsShort">Seeds that the lot lacks for this plan; 0 if it has enough.</param>
/// <param name="Lot">What the lot promises under the route.</param>
/// <param name="Frost">What the days of the plan mean beside the frosts on record.</param>
/// <param name="Fillings">The same wish by each way of filling cells.</param>
/// <param name="Origin">Where the durations come from.</param>
/// <param name="Learned">What was expected, own batches and both together; null without own batches by this route.</param>
public sealed record PlanView(
    Anchor Anchor,
    Schedule Schedule,
    IReadOnlyList<PlanStepView> Steps,
    SeedsNeededResult Seeds,
    Expectation Expected,
    IReadOnlyList<OptionView> Options,
    int SeedsLeft,
    int SeedsShort,
    string RouteId,
    IReadOnlyList<RouteOutlook> Routes,
    LotOutlook Lot,
    IReadOnlyList<string> Frost,
    IReadOnlyList<CellFilling> Fillings,
    IReadOnlyList<SpaceCheck> Space,
    SecondSowingView? Second,
    DepthAdvice Depth,
    string Origin,
    LearnedView? Learned
)
{
    /// <summary>There is no seed of this yet: planned as if it were gathered this season.</summary>
    public bool SeedToFind { get; init; }

    /// <summary>Days on which the moist seed is looked at, by the usual dates.</summary>
    public required IReadOnlyList<DateOnly> Looks { get; init; }

    /// <summary>
    /// First and last day on which seedlings are expected, by the usual sowing day; null for a route that ends before sowing.
    /// </summary>
    public ComesUp? ComesUp { get; init; }

    /// <summary>How thick its seed lies in its containers; null for a route that takes none, and where no number is enough.</summary>
    public SurfaceRoom? Surface { get; init; }

    /// <summary>How long its plants live, and when they first flower.</summary>
    public required string Flowers { get; init; }

    /// <summary>What to do with seedlings that come too late in the year; null where they do not, or no first frost is known.</summary>
    public LateSowing? Late { get; init; }
}
