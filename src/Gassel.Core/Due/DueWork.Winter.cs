using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Core.Due;

/// <summary>Plants on their way through the winter are looked over, each way with its own eyes.</summary>
public static partial class DueWork
{
    /// <summary>So often, days (our assumption).</summary>
    public const int WinterLookDays = 14;

    private static IEnumerable<DueItem> Winter(PartState part, DateOnly today)
    {
        if (part.Winter is not { } winter || part.Plants.Alive + part.Plants.Dormant == 0)
            yield break;
        var last = part.Tended.Where(t => t.What == Tending.WinterLooked).Select(t => t.On).Append(winter.From).Max();
        var due = last.AddDays(WinterLookDays);
        if (due < winter.Until)
        {
            yield return new(
                DueKind.WinterLook,
                part.Id,
                part.LastStep ?? 0,
                due,
                null,
                Late(due, today),
                winter.Way switch
                {
                    WinterWay.UnderLamps => "Lamps close, little water, no or little food; look for leggy growth, gnats and aphids.",
                    WinterWay.PotsInFrame => "Barely moist, no food; look for mice, mould and slugs, and whether the cover is at hand.",
                    _ => "Cover in place; press back what the frost heaved; look for mice and voles.",
                },
                [Text.Of($"Last looked over {Quantity.Day(last)} + {WinterLookDays} days (our assumption).")]
            );
        }
        yield return new(
            DueKind.EndWinter,
            part.Id,
            part.LastStep ?? 0,
            winter.Until,
            null,
            Late(winter.Until, today),
            winter.Way switch
            {
                WinterWay.UnderLamps => "Harden them off, then plant.",
                WinterWay.PotsInFrame => "Open the frame more each day; count what came through; plant or pot on.",
                _ => "Take the cover off by degrees, on dull days; count what came through.",
            },
            [Text.Of($"Through the winter {winter.Way.Words()} since {Quantity.Day(winter.From)}, until {Quantity.Day(winter.Until)}.")]
        );
    }
}
