using Gassel.Core.Germination;
using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <summary>What a finished batch of another nursery did.</summary>
/// <param name="ScientificName">As there; species of two books are the same by it alone.</param>
/// <param name="Treatment">Steps before it was to come up, in their order.</param>
/// <param name="ColdDays">Days it was in the cold, over all cold steps.</param>
/// <param name="Seeds">Started, less those cut for tests; at least 1.</param>
/// <param name="AtLeast">Last counted while more could come up.</param>
/// <param name="OverOn">Day from which its result stands.</param>
public sealed record EvidenceResult(
    string ScientificName,
    RouteSetting Setting,
    IReadOnlyList<StepKind> Treatment,
    int ColdDays,
    int Germinated,
    int Seeds,
    bool AtLeast,
    DateOnly OverOn
)
{
    public PastBatch Past => new(Germinated, Seeds, AtLeast);

    /// <summary>
    /// The same species in the same setting by the same steps, its cold about as long (our assumption). Two nurseries call a route by names
    /// of their own, so names are not asked.
    /// </summary>
    public bool Speaks(Species species, Route route) =>
        SpeaksOfCold(species, route)
        // outdoors the winter says how long the cold is
        && (route.IsOutdoors || Math.Abs(ColdDays - UsualCold(route)) <= OwnResults.LikeColdDays);

    /// <summary>The same, however long its cold: it tells what another cold does.</summary>
    public bool SpeaksOfCold(Species species, Route route) =>
        string.Equals(ScientificName, species.ScientificName, StringComparison.OrdinalIgnoreCase)
        && Setting == route.Setting
        && Treatment.SequenceEqual(route.Treatment.Select(s => s.Kind));

    private static int UsualCold(Route route) => route.Steps.Where(s => s.Kind == StepKind.ColdMoist).Sum(s => s.Days.Usual);
}
