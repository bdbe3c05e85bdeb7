using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Growing;

/// <summary>
/// When seedlings and plants are fed next, in a tray as in a container outdoors: by the food in their mix, then every two weeks. Every
/// span is our assumption; the label has the say.
/// </summary>
/// <param name="On">The first day it is due.</param>
/// <param name="Why">What the day rests on.</param>
public sealed record Feeding(DateOnly On, string Why)
{
    /// <summary>Food of a low-nutrient mix is gone so long after the true leaves, days (our assumption).</summary>
    public const int AfterTrueLeavesDays = 7;

    /// <summary>Food of a mix with nutrients lasts so long, days (our assumption; the bag has the say).</summary>
    public const int FoodLastsDays = 42;

    /// <summary>Plants that came up again are fed so long after it, days (our assumption).</summary>
    public const int AfterSleepDays = 21;

    /// <summary>Then again and again, days (our assumption; the label has the say).</summary>
    public const int EveryDays = 14;

    /// <summary>Heavy feeders every 7 to 10 days (common practice, no source).</summary>
    public const int HeavyEveryDays = 8;

    /// <summary>Slow natives from two months on, then every three months (common practice, no source).</summary>
    public const int SlowFromDays = 60;
    public const int SlowEveryDays = 91;

    /// <summary>Null before anything came up, and where the kind wants none.</summary>
    /// <param name="mix">What it was sown into.</param>
    public static Feeding? Next(PartState part, Species species, ContainerMix mix)
    {
        var appetite = species.GrowsOn.Appetite ?? Appetite.Usual;
        if (appetite == Appetite.None || part.FirstUpOn is not { } up)
            return null;
        DateOnly? last = part.Tended.LastOrDefault(t => t.What == Tending.Fed) is { On.Year: > 1 } f ? f.On : null;
        if (appetite == Appetite.Little)
            return part.PottedOn is { } potted && !(last >= potted)
                ? new(potted, Text.Of($"A kind that is fed once, after potting {Quantity.Day(potted)} (common practice, no source)."))
                : null;
        var feeding =
            appetite == Appetite.Slow
                ? new(
                    up.AddDays(SlowFromDays),
                    Text.Of($"A slow kind; first seedling {Quantity.Day(up)} + two months (common practice, no source).")
                )
                : First(part, part.SownAs?.Mix ?? mix, up);
        if (part.CameAgainOn is { } again)
            feeding = feeding.Later(
                again.AddDays(AfterSleepDays),
                Text.Of($"Came up again {Quantity.Day(again)} + {AfterSleepDays} days (our assumption).")
            );
        if (last is { } fed)
        {
            var (every, why) = appetite switch
            {
                Appetite.Heavy => (HeavyEveryDays, "a heavy feeder, common practice, no source; follow the label"),
                Appetite.Slow => (SlowEveryDays, "a slow kind, common practice, no source; follow the label"),
                _ => (EveryDays, "our assumption; follow the label"),
            };
            feeding = feeding.Later(fed.AddDays(every), Text.Of($"Last fed {Quantity.Day(fed)} + {every} days ({why})."));
        }
        return feeding;
    }

    private static Feeding First(PartState part, ContainerMix mix, DateOnly up)
    {
        if (part.PottedOn is { } potted)
            return new(
                potted.AddDays(FoodLastsDays),
                Text.Of($"Potted {Quantity.Day(potted)} + {FoodLastsDays} days that potting mix feeds (our assumption; follow the bag).")
            );
        if (mix == ContainerMix.WithNutrients)
        {
            // through the winter nothing in a container outdoors lives on it
            var (from, since) = part is { IsContainer: false, SownOn: { } sown } ? (sown, "sown") : (up, "first seedling");
            return new(
                from.AddDays(FoodLastsDays),
                Text.Of($"Mix with nutrients; {since} {Quantity.Day(from)} + {FoodLastsDays} days (our assumption).")
            );
        }
        if (part.TrueLeavesOn is { } leaves)
            return new(
                leaves.AddDays(AfterTrueLeavesDays),
                Text.Of($"Low-nutrient mix; true leaves {Quantity.Day(leaves)} + {AfterTrueLeavesDays} days (our assumption).")
            );
        var supposed = up.AddDays(SeedlingClock.OutAfterDays);
        return new(
            supposed.AddDays(AfterTrueLeavesDays),
            Text.Of(
                $"Low-nutrient mix; first seedling {Quantity.Day(up)}, true leaves about {Quantity.Day(supposed)}, not "
                    + $"recorded, + {AfterTrueLeavesDays} days (our assumption)."
            )
        );
    }

    private Feeding Later(DateOnly on, string why) => on > On ? new(on, why) : this;
}
