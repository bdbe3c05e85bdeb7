using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Core.Planning;

/// <summary>
/// How plants that are there can go through the winter that is near or has begun. Seedlings need about eight weeks to root before hard
/// frost (common practice, no source).
/// </summary>
/// <param name="IsLate">They will not have rooted, were they planted now.</param>
public sealed record WinterWays(
    string Part,
    bool IsLate,
    DateOnly FirstFrost,
    DateOnly LastFrost,
    IReadOnlyList<LateOption> Options,
    IReadOnlyList<string> Working
)
{
    /// <summary>So long before the last frost nobody begins a winter any more, days (our assumption).</summary>
    private const int TooLateDays = 28;

    /// <summary>Plants harden off so long before the last frost, days (common practice, no source: 7 to 14).</summary>
    private const int HardeningDays = 10;

    /// <summary>After the first frost a way is chosen so long, days (our assumption).</summary>
    private const int StillChosenDays = 75;

    /// <summary>After the first frost planting goes on so long, days (our assumption).</summary>
    private const int StillPlantedDays = 14;

    /// <summary>Null where nothing of it grows in a vessel, and outside the months before and in the winter.</summary>
    /// <param name="firstFrost">Of autumn, <c>MM-dd</c>.</param>
    /// <param name="lastFrost">Of spring, <c>MM-dd</c>.</param>
    public static WinterWays? Of(PartState part, string firstFrost, string lastFrost, string frostRests, DateOnly today)
    {
        var last = YearDay.Next(lastFrost, today);
        var first = YearDay.Next(firstFrost, last.AddYears(-1));
        var inVessels = part.Plants.Stages.Where(s => s.Stage != PlantStage.Planted).Sum(s => s.Alive + s.Dormant);
        if (
            inVessels == 0
            || part is { Divided: true } or { BooksClosed: true }
            || today < first.AddDays(-LateSowing.RootingDays)
            || today > last.AddDays(-TooLateDays)
            // what is small in late winter is this spring's, not last autumn's
            || (part.Winter is null && today > first.AddDays(StillChosenDays))
        )
            return null;
        var rooted = today.AddDays(LateSowing.RootingDays);
        var harden = last.AddDays(-HardeningDays);
        var options = new List<LateOption>
        {
            new(
                WinterWay.UnderLamps,
                today,
                harden,
                Text.Of($"Under lamps until {Quantity.Day(harden)}, then harden them off and plant from {Quantity.Day(last)}.")
            ),
            new(
                WinterWay.PotsInFrame,
                today,
                last,
                Text.Of($"In pots in the frame until {Quantity.Day(last)}: barely moist, without food, covered on hard nights.")
            ),
        };
        if (today <= first.AddDays(StillPlantedDays))
            options.Add(
                new(
                    WinterWay.PlantAndCover,
                    today,
                    last,
                    Text.Of(
                        $"Planted now and covered from {Quantity.Day(Days.Later(first, today))} to {Quantity.Day(last)}, straw or fleece "
                            + $"against heaving. {(rooted > first ? "Some will be lost." : "They still root in time.")}"
                    )
                )
            );
        return new(
            part.Id,
            rooted > first,
            first,
            last,
            options,
            [
                Text.Of(
                    $"Planted today they root by {Quantity.Day(rooted)}: {LateSowing.RootingDays} days (common practice, no source: about "
                        + $"eight weeks)."
                ),
                Text.Of($"First autumn frost about {Quantity.Day(first)}, last spring frost about {Quantity.Day(last)}: {frostRests}."),
            ]
        );
    }
}
