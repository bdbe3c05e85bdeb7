using Gassel.Core.Germination;

namespace Gassel.Core.Planning;

/// <summary>What a finished batch of one's own did.</summary>
/// <param name="Seeds">Started, less those cut for tests.</param>
/// <param name="ColdDays">Days it was in the cold, over all cold steps.</param>
/// <param name="OverOn">Day from which its result stands.</param>
/// <param name="AtLeast">It was last counted while more could come up: so many at least.</param>
/// <param name="Accident">What befell its seed, so that it tells of the accident and not of the route; null where nothing did, or the
/// grower let it in.</param>
public sealed record OwnResult(
    string SpeciesId,
    string RouteId,
    int Germinated,
    int Seeds,
    int ColdDays,
    DateOnly OverOn = default,
    bool AtLeast = false,
    string? Accident = null
)
{
    public PastBatch Past => new(Germinated, Seeds, AtLeast);
}
