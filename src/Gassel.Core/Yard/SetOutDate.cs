namespace Gassel.Core.Yard;

/// <summary>One day to set out on, over all winters.</summary>
/// <param name="ChillMetShare">Of the winters: enough cold before the warmth.</param>
/// <param name="CarriedToNextSpringShare">Of the winters: the warmth came first.</param>
/// <param name="Emergence">When half is up; null where it was in fewer than five springs.</param>
/// <param name="FreezeAfterEmergenceShare">Of the winters in which it came up: a freeze that kills seedlings came after.</param>
public sealed record SetOutDate(
    DateOnly Date,
    double ChillMetShare,
    double CarriedToNextSpringShare,
    SpringQuantiles? Emergence,
    double FreezeAfterEmergenceShare
)
{
    /// <summary>Winters with enough cold, carried over, come up, and with a killing freeze after that.</summary>
    public required SetOutCounts Counts { get; init; }
}
