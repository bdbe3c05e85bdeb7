using Gassel.Core.Fold;
using Gassel.Core.Treatments;

namespace Gassel.Core.Growing;

/// <summary>
/// The clock of seedlings where they came up. Each kind has its own: quick ones leave at the first true leaves, some at a height, slow
/// ones some weeks after sowing, tap roots never (common practice, no source; the days are our assumption).
/// </summary>
/// <param name="FirstUp">Day of the first seedling.</param>
/// <param name="LookFrom">The next look at what the clock waits for; null where it waits for a day alone.</param>
/// <param name="TrueLeavesOn">Null before they were seen.</param>
/// <param name="ReadyOn">From this day on they leave; null while nobody saw what tells it.</param>
/// <param name="MoveBy">Last day without harm; null with it.</param>
/// <param name="HeightMm">As measured last; null where nobody did.</param>
public sealed record SeedlingClock(
    LeaveClock By,
    DateOnly FirstUp,
    DateOnly? LookFrom,
    DateOnly? TrueLeavesOn,
    DateOnly? ReadyOn,
    DateOnly? MoveBy,
    double? HeightMm,
    Crowding Crowding
)
{
    /// <summary>True leaves are looked for so long after the first seedling, days (our assumption).</summary>
    public const int LookAfterDays = 14;

    /// <summary>They are taken to be out so long after it where nobody looked, days (our assumption).</summary>
    public const int OutAfterDays = 21;

    /// <summary>So long from the true leaves on seedlings move without harm, days (our assumption).</summary>
    public const int MoveWithinDays = 10;

    /// <summary>And so long from the height at which a kind leaves, days (our assumption).</summary>
    public const int TallWithinDays = 14;

    /// <summary>Heights are taken again no sooner and no later, days (our assumption).</summary>
    public const int MeasureSoonest = 3;
    public const int MeasureLatest = 14;

    /// <summary>Thinned to one where they stand and not pricked out.</summary>
    public bool InPlace => By == LeaveClock.Never;

    /// <summary>Null where no seedling stands, and for kinds that make one leaf and die back: there is nothing to wait for.</summary>
    public static SeedlingClock? Of(PartState part, Species species)
    {
        if (part.Standing <= 0 || species.Hardiness == SeedlingHardiness.SnowMelt || part.FirstUpOn is not { } up)
            return null;
        var by = species.LeavesTray;
        var grows = species.GrowsOn;
        var (look, ready, until) = by switch
        {
            LeaveClock.Height => ByHeight(part, up, grows.LeavesAtMm),
            LeaveClock.Weeks when part.SownOn is { } sown => (
                null,
                sown.AddDays(7 * grows.LeavesFromWeeks),
                sown.AddDays(7 * grows.LeavesToWeeks)
            ),
            _ => (up.AddDays(LookAfterDays), part.TrueLeavesOn, part.TrueLeavesOn?.AddDays(MoveWithinDays)),
        };
        return new(by, up, look, part.TrueLeavesOn, ready, until, part.Heights.Count > 0 ? part.Heights[^1].Mm : null, Crowding.Of(part));
    }

    /// <summary>The next look is on the day on which the height is reached at the pace of the last two measures.</summary>
    private static (DateOnly? Look, DateOnly? Ready, DateOnly? Until) ByHeight(PartState part, DateOnly up, double goalMm)
    {
        if (part.Heights.Where(h => h.Mm >= goalMm).Select(h => (DateOnly?)h.On).Min() is { } tall)
            return (null, tall, tall.AddDays(TallWithinDays));
        if (part.Heights.Count == 0)
            return (up.AddDays(LookAfterDays), null, null);
        var last = part.Heights[^1];
        var (from, mm) = part.Heights.Count > 1 ? (part.Heights[^2].On, part.Heights[^2].Mm) : (up, 0);
        var pace = (last.Mm - mm) / Math.Max(1, last.On.DayNumber - from.DayNumber);
        var days = pace > 0 ? Math.Ceiling((goalMm - last.Mm) / pace) : MeasureLatest;
        return (last.On.AddDays((int)Math.Clamp(days, MeasureSoonest, MeasureLatest)), null, null);
    }
}
