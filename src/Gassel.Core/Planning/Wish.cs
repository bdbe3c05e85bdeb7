namespace Gassel.Core.Planning;

/// <summary>Plants that somebody wants: a line of the list from which a winter is planned.</summary>
/// <param name="Plants">At least 1.</param>
/// <param name="LotId">Null where it is seed to be found, or the species has one lot at most.</param>
/// <param name="RouteId">Null for the one that suits best.</param>
/// <param name="Priority">1 to 3; what matters more moves less.</param>
/// <param name="For">Who they are for; null where nobody said.</param>
/// <param name="AreaM2">That they are to fill, with <paramref name="SpacingCm"/> between them; null where plants were counted.</param>
/// <param name="Pinned">Its first step starts on that day whatever else moves; null to find one.</param>
/// <param name="IsAside">Not this winter: it takes no room, and no batch is made of it.</param>
public sealed record Wish(
    string SpeciesId,
    int Plants,
    WishWhen When,
    WishSource Source = WishSource.Lot,
    int? LotId = null,
    string? RouteId = null,
    int Priority = Wish.UsualPriority,
    string? For = null,
    double? AreaM2 = null,
    double? SpacingCm = null,
    DateOnly? Pinned = null,
    bool IsAside = false
)
{
    public const int UsualPriority = 2;

    /// <summary>A second sowing as insurance against a late frost comes so many weeks later (our assumption).</summary>
    public const int SecondAfterWeeks = 3;

    /// <summary>Two wishes for the plants of one, the second some weeks later: one loss does not take all.</summary>
    /// <exception cref="InvalidOperationException">One plant cannot be split.</exception>
    public (Wish First, Wish Second) Split()
    {
        if (Plants < 2)
            throw new InvalidOperationException("one plant cannot be split");
        var second = Plants / 2;
        return (
            this with
            {
                Plants = Plants - second,
                AreaM2 = AreaM2 * (Plants - second) / Plants,
            },
            this with
            {
                Plants = second,
                AreaM2 = AreaM2 * second / Plants,
                When = When.Later(SecondAfterWeeks),
                Pinned = null,
            }
        );
    }
}
