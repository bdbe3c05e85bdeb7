using Gassel.Core.Record;

namespace Gassel.Core.Planning;

/// <summary>Room at a kind of place while a plan is there.</summary>
/// <param name="Unit">What is counted: bags, trays or containers.</param>
/// <param name="Needed">By the plan.</param>
/// <param name="FullestOn">The day on which least is left, within the plan's days.</param>
/// <param name="TakenThen">By everything else on that day.</param>
/// <param name="Capacity">Null where the site has none noted.</param>
public sealed record SpaceCheck(
    PlaceKind Place,
    string Unit,
    int Needed,
    DateOnly From,
    DateOnly To,
    DateOnly FullestOn,
    int TakenThen,
    int? Capacity
)
{
    public bool Fits => Capacity is not { } room || TakenThen + Needed <= room;
}
