using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Yard;

namespace Gassel.Core.Due;

/// <summary>What straw over pots asks for.</summary>
public static partial class DueWork
{
    /// <summary>Most of it comes off so long before the first seedling is expected, days (our assumption for "early spring").</summary>
    public const int StrawOffBeforeDays = 14;

    /// <summary>The rest a month later (common practice, no source).</summary>
    public const int StrawRestDays = 30;

    /// <summary>Null where there is none, or none left.</summary>
    private static DueItem? Straw(BatchPlan plan, PartState part, DateOnly today)
    {
        if (part is not { SownOn: { } sown, Setup.IsStrawed: true } || part.Open is not { } open)
            return null;
        // what grows on stands under none, whether or not somebody wrote it down
        if (plan.GerminateStep is not { } germinate || open.Step > germinate)
            return null;
        if (part.Tended.Any(t => t.What == Tending.MulchRestOff))
            return null;
        if (part.Tended.LastOrDefault(t => t.What == Tending.MulchMostOff) is { On.Year: > 1 } most)
        {
            var rest = most.On.AddDays(StrawRestDays);
            return new(
                DueKind.StrawRestOff,
                part.Id,
                open.Step,
                rest,
                null,
                Late(rest, today),
                "Left on, seedlings grow pale under it.",
                [Text.Of($"Three quarters came off {Quantity.Day(most.On)} + {StrawRestDays} days (common practice, no source).")]
            );
        }
        var first = sown.AddDays(plan.DaysToEmergence(part).Shortest);
        var due = first.AddDays(-StrawOffBeforeDays);
        if (due < sown)
            due = sown;
        return new(
            DueKind.StrawMostOff,
            part.Id,
            open.Step,
            due,
            null,
            Late(due, today),
            "Seedlings must not come up under straw. While the ground is still frozen, wait: it keeps pots from heaving.",
            [
                Text.Of(
                    $"Set out {Quantity.Day(sown)}; the first seedling is expected "
                        + $"{Quantity.Day(first)}{(part.Outdoors is null ? " by the plan, because no weather is known"
                            : " by the container model")}."
                ),
                Text.Of(
                    $"{StrawOffBeforeDays} days before it, {Quantity.Day(due)} (our assumption for early spring); a "
                        + $"week with a mean of {Quantity.WholeDegrees(YardWatch.MulchOffC)} brings it forward."
                ),
            ]
        );
    }
}
