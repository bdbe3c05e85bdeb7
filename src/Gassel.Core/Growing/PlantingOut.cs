using Gassel.Core.Climate;
using Gassel.Core.Treatments;

namespace Gassel.Core.Growing;

/// <summary>
/// The two seasons of planting: in spring once the frost that kills is as rare as the grower accepts, in autumn early enough to root before
/// the ground freezes.
/// </summary>
/// <param name="SpringFrom">This year's, or the next one's once autumn is past; null where nothing is known.</param>
/// <param name="AutumnFrom">Eight weeks before the ground freezes; null where that is unknown.</param>
/// <param name="AutumnTo">Four weeks before it.</param>
/// <param name="Words">What that means today.</param>
public sealed record PlantingOut(
    PlantingSeason Season,
    DateOnly? SpringFrom,
    DateOnly? AutumnFrom,
    DateOnly? AutumnTo,
    string Words,
    IReadOnlyList<string> Working
)
{
    /// <summary>The day from which the ground is open; null where it is now, or nothing is known.</summary>
    public DateOnly? Opens =>
        Season is PlantingSeason.TooEarly or PlantingSeason.TooLate
            ? (AutumnFrom is { } autumn && Season == PlantingSeason.TooEarly && !(SpringFrom < autumn) ? autumn : SpringFrom)
            : null;

    /// <summary>Springs in which frost may still come that kills, unless the grower says otherwise (our assumption).</summary>
    public const double UsualRisk = 0.1;

    /// <summary>Roots want 4 to 8 weeks before the ground freezes (common practice, no source).</summary>
    public const int WeeksAtMost = 8;
    public const int WeeksAtLeast = 4;

    /// <summary>Spring planting goes on so long, days; then it is summer (our assumption).</summary>
    private const int SpringDays = 56;

    /// <param name="outlook">By the record; null without one.</param>
    /// <param name="lastFrost">By hand, <c>MM-dd</c>: what is left without a record.</param>
    /// <param name="groundFreeze">By hand or by the record, <c>MM-dd</c>; null where unknown.</param>
    /// <param name="risk">Share of springs with a later frost that is accepted, 0..1.</param>
    public static PlantingOut Of(
        SeedlingHardiness hardiness,
        FrostOutlook? outlook,
        string? lastFrost,
        string? groundFreeze,
        double risk,
        DateOnly today,
        bool south = false
    )
    {
        var (day, why) = Spring(hardiness, outlook, lastFrost, risk, south);
        var freeze = groundFreeze is null ? null : (DateOnly?)YearDay.Next(groundFreeze, today);
        var (from, to) = (freeze?.AddDays(-7 * WeeksAtMost), freeze?.AddDays(-7 * WeeksAtLeast));
        var spring = day is null ? null : (DateOnly?)Near(day, today, to);
        var season = SeasonOn(today, spring, from, to);
        return new(
            season,
            spring,
            from,
            to,
            In(season, spring, from, to),
            [
                why,
                freeze is { } frozen
                    ? Text.Of(
                        $"In autumn {WeeksAtMost} to {WeeksAtLeast} weeks before the ground freezes, usually "
                            + $"{Quantity.Day(frozen)} (common practice, no source)."
                    )
                    : "When the ground freezes is not known. Enter it on Site to plan for autumn too.",
                "Hardened plants survive at least what the seedling survives (our assumption).",
            ]
        );
    }

    /// <summary>The first day after which frost that kills comes in no more springs than accepted.</summary>
    private static (string? Day, string Why) Spring(
        SeedlingHardiness hardiness,
        FrostOutlook? outlook,
        string? lastFrost,
        double risk,
        bool south
    )
    {
        if (outlook?.Thresholds[Threshold(hardiness)] is { Frost: { SpringYearsUsed: >= FrostDates.YearsForARisk } frost } threshold)
        {
            var degrees = Quantity.Temperature(threshold.ThresholdC);
            if (frost.Risk.LastSpringAfter.FirstOrDefault(s => s.Share <= risk) is { Date: { } date })
            {
                return (
                    date,
                    Text.Of(
                        $"{degrees} kills {threshold.Hurts}; it came after that day in at most {100 * risk:0} % of "
                            + $"{frost.SpringYearsUsed} springs."
                    )
                );
            }
            if (frost.LastSpring is null)
                return (
                    south ? "09-01" : "03-01",
                    Text.Of(
                        $"{degrees} kills {threshold.Hurts}; none of {frost.SpringYearsUsed} springs had it. From "
                            + $"{(south ? "September" : "March")} on (our assumption)."
                    )
                );
        }
        return (
            lastFrost,
            lastFrost is null ? "No frost day is known." : "Last frost entered by hand, without years on record: the risk is not known."
        );
    }

    /// <summary>Index of the frost that kills, mildest first, as in <see cref="FrostOutlook.Thresholds"/>.</summary>
    private static int Threshold(SeedlingHardiness hardiness) =>
        hardiness switch
        {
            SeedlingHardiness.Tender => 0,
            SeedlingHardiness.HalfHardy => 1,
            SeedlingHardiness.Hardy => 2,
            _ => 3,
        };

    private static PlantingSeason SeasonOn(DateOnly today, DateOnly? spring, DateOnly? from, DateOnly? to) =>
        today switch
        {
            _ when from <= today && today <= to => PlantingSeason.Autumn,
            _ when spring is { } s && today >= s => today < s.AddDays(SpringDays) ? PlantingSeason.Spring : PlantingSeason.Summer,
            _ when to < today => PlantingSeason.TooLate,
            _ when spring is { } s && s.AddYears(-1).AddDays(SpringDays) <= today && from is { } a && today < a && a < s =>
                PlantingSeason.Summer,
            _ => PlantingSeason.TooEarly,
        };

    private static string In(PlantingSeason season, DateOnly? spring, DateOnly? from, DateOnly? to) =>
        season switch
        {
            PlantingSeason.Autumn => Text.Of(
                $"Plant now: the ground freezes in {WeeksAtLeast} to {WeeksAtMost} weeks. Until {Quantity.Day(to!.Value)}."
            ),
            PlantingSeason.Spring => Text.Of($"Plant now: past the frost risk you accept since {Quantity.Day(spring!.Value)}."),
            PlantingSeason.Summer => from is { } f
                ? Text.Of($"Frost is past, but summer is dry: water well now, or better plant from {Quantity.Day(f)}.")
                : "Frost is past, but summer is dry: water well, or plant in autumn.",
            PlantingSeason.TooLate => spring is { } s
                ? Text.Of($"Too near to frozen ground: keep them in their pots until {Quantity.Day(s)}.")
                : "Too near to frozen ground: keep them in their pots until spring.",
            _ => (spring, from) switch
            {
                ({ } s, { } f) => Text.Of(
                    $"Plant from {Quantity.Day(s)} at the frost risk you accept, or in autumn "
                        + $"{Quantity.Day(f)} to {Quantity.Day(to!.Value)}."
                ),
                ({ } s, null) => Text.Of($"Plant from {Quantity.Day(s)} at the frost risk you accept."),
                (null, { } f) => Text.Of($"Plant in autumn, {Quantity.Day(f)} to {Quantity.Day(to!.Value)}."),
                _ => "Frost and frozen ground are not known: enter them on Site.",
            },
        };

    /// <summary>The spring that is under way while its autumn is to come, or else the next.</summary>
    private static DateOnly Near(string monthDay, DateOnly today, DateOnly? autumnEnd)
    {
        var next = YearDay.Next(monthDay, today);
        var last = next.AddYears(-1);
        return next == today || today.DayNumber - last.DayNumber > 183 || (autumnEnd is { } end && today > end) ? next : last;
    }
}
