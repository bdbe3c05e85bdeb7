using Gassel.Core.Climate;
using Gassel.Core.Record;

namespace Gassel.Core.Planning;

/// <summary>
/// Seed sown in late summer or autumn: its seedlings will not have rooted before the hard frost. Said with the ways through the winter.
/// </summary>
/// <param name="UpOn">Usual day on which they come up.</param>
/// <param name="RootedOn">Eight weeks later.</param>
/// <param name="FirstFrost">The first autumn frost taken.</param>
/// <param name="LastFrost">Of the spring after it.</param>
public sealed record LateSowing(
    DateOnly UpOn,
    DateOnly RootedOn,
    DateOnly FirstFrost,
    DateOnly LastFrost,
    IReadOnlyList<LateOption> Options,
    IReadOnlyList<string> Working
)
{
    /// <summary>Seedlings need so long to root before hard frost, days (common practice, no source: about eight weeks).</summary>
    public const int RootingDays = 56;

    /// <summary>What comes up so long after the first autumn frost is meant for the spring under lamps, days (our assumption).</summary>
    private const int AutumnDays = 61;

    /// <summary>
    /// Plants stand outdoors by day so long before the last frost, to harden, days (common practice, no source: 7 to 14).
    /// </summary>
    private const int HardeningDays = 10;

    /// <summary>Seedlings can be pricked out or planted so long after they are up, days (our assumption).</summary>
    private const int HandledDays = 21;

    /// <summary>Null where they root in time, and where the plan does not bring them out before the spring.</summary>
    /// <param name="upOn">Usual day on which seedlings come up.</param>
    /// <param name="readyOn">Usual day on which the plan has them ready.</param>
    /// <param name="firstFrost">First frost of autumn, <c>MM-dd</c>.</param>
    /// <param name="lastFrost">Last frost of spring, <c>MM-dd</c>.</param>
    /// <param name="frostRests">What the first frost rests on.</param>
    public static LateSowing? Of(DateOnly upOn, DateOnly readyOn, string firstFrost, string lastFrost, string frostRests)
    {
        // the autumn that is near: the one whose frost the seedlings meet, or have just missed
        var first = YearDay.Next(firstFrost, upOn.AddDays(-AutumnDays));
        var last = YearDay.Next(lastFrost, first);
        var rooted = upOn.AddDays(RootingDays);
        if (rooted <= first || readyOn >= last)
            return null;
        var (harden, inHand) = (last.AddDays(-HardeningDays), upOn.AddDays(HandledDays));
        var options = new List<LateOption>
        {
            new(
                WinterWay.UnderLamps,
                upOn,
                harden,
                Text.Of($"Keep them under lamps until {Quantity.Day(harden)}, harden them off, and plant from {Quantity.Day(last)}.")
            ),
        };
        var planted = readyOn < first ? readyOn : first;
        // what is too small to handle by then cannot be planted
        if (planted >= inHand)
        {
            options.Add(
                new(
                    WinterWay.PlantAndCover,
                    planted,
                    last,
                    Text.Of(
                        $"Plant by {Quantity.Day(planted)} all the same, and cover them from {Quantity.Day(first)} to "
                            + $"{Quantity.Day(last)}: straw or fleece against heaving. Some will be lost."
                    )
                )
            );
        }
        var potted = inHand > first ? inHand : first;
        options.Add(
            new(
                WinterWay.PotsInFrame,
                potted,
                last,
                Text.Of($"Pot them by {Quantity.Day(potted)}, keep the pots in the cold frame until {Quantity.Day(last)}, and plant then.")
            )
        );
        return new(
            upOn,
            rooted,
            first,
            last,
            options,
            [
                Text.Of(
                    $"Up about {Quantity.Day(upOn)} + {RootingDays} days to root (common practice, no source: about "
                        + $"eight weeks) = {Quantity.Day(rooted)}."
                ),
                Text.Of($"First autumn frost about {Quantity.Day(first)}: {frostRests}."),
            ]
        );
    }
}
