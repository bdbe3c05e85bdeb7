using Gassel.Core.Fold;
using Gassel.Core.Treatments;

namespace Gassel.Core.Growing;

/// <summary>
/// The clock of seedlings where they came up: it starts with the first true leaves, and from then on they are thinned to one, divided or
/// pricked out; later
/// they stay stunted (common practice, no source).
/// </summary>
/// <param name="FirstUp">Day of the first seedling.</param>
/// <param name="LookFrom">From when on true leaves are looked for.</param>
/// <param name="TrueLeavesOn">Null before they were seen.</param>
/// <param name="MoveBy">Last day without harm; null with it.</param>
/// <param name="InPlace">Tap-rooted: thinned to one where they stand and not pricked out.</param>
public sealed record SeedlingClock(
    DateOnly FirstUp,
    DateOnly LookFrom,
    DateOnly? TrueLeavesOn,
    DateOnly? MoveBy,
    bool InPlace,
    Crowding Crowding
)
{
    /// <summary>True leaves are looked for so long after the first seedling, days (our assumption).</summary>
    public const int LookAfterDays = 14;

    /// <summary>They are taken to be out so long after it where nobody looked, days (our assumption).</summary>
    public const int OutAfterDays = 21;

    /// <summary>So long from the true leaves on seedlings move without harm, days (our assumption).</summary>
    public const int MoveWithinDays = 10;

    /// <summary>Null where no seedling stands, and for kinds that make one leaf and die back: there is nothing to wait for.</summary>
    public static SeedlingClock? Of(PartState part, Species species)
    {
        if (part.Standing <= 0 || species.Hardiness == SeedlingHardiness.SnowMelt || part.FirstUpOn is not { } up)
            return null;
        return new(
            up,
            up.AddDays(LookAfterDays),
            part.TrueLeavesOn,
            part.TrueLeavesOn?.AddDays(MoveWithinDays),
            species.Has(SpeciesFlag.TapRooted),
            Crowding.Of(part)
        );
    }
}
