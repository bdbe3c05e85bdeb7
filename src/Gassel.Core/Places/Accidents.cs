using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Core.Places;

/// <summary>
/// What befell the seed of a part, by measurement or by a look, so that its result tells of the accident and not of the route. Only what is
/// on
/// record counts; the limits are our assumption.
/// </summary>
public static class Accidents
{
    /// <summary>Found dripping at two looks in a row so far apart, days: the seed stood in water.</summary>
    private const int DrownedDays = 7;

    /// <param name="troubles">Of the places where it stood, over the time it stood there.</param>
    /// <param name="zone">Of the site: stays go by days.</param>
    /// <returns>What happened and when, in a grower's words; null where nothing is on record.</returns>
    public static string? Of(PartState part, IReadOnlyDictionary<string, IReadOnlyList<PlaceTrouble>> troubles, TimeZoneInfo zone)
    {
        DateOnly Day(DateTimeOffset at) => DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(at, zone).DateTime);
        for (var i = 0; i < part.Stays.Count; i++)
        {
            var (from, to) = (part.Stays[i].From, i + 1 < part.Stays.Count ? part.Stays[i + 1].From : DateOnly.MaxValue);
            foreach (
                var trouble in troubles
                    .GetValueOrDefault(part.Stays[i].Place, [])
                    .Where(t => Day(t.From) < to && (t.To is null || Day(t.To.Value) >= from))
            )
            {
                if (trouble is { Kind: PlaceTroubleKind.TooHot, WorstC: >= GerminationWarmth.CookingC })
                    return $"cooked on {Quantity.Day(Day(trouble.From))}, at {Quantity.WholeDegrees(trouble.WorstC!.Value)}";
                if (trouble.Kind == PlaceTroubleKind.Frozen && part.Checks.Any(c => c.Sprouted > 0 && c.On <= Day(trouble.From)))
                    return $"frozen after sprouting on {Quantity.Day(Day(trouble.From))}, "
                        + $"at {Quantity.WholeDegrees(trouble.WorstC!.Value)}";
            }
        }
        for (var i = 1; i < part.Checks.Count; i++)
        {
            var (before, now) = (part.Checks[i - 1], part.Checks[i]);
            if (
                before.Moisture == Moisture.Dripping
                && now.Moisture == Moisture.Dripping
                && now.On.DayNumber - before.On.DayNumber >= DrownedDays
                && !part.Tended.Any(t => t.What == Tending.Drained && t.On >= before.On && t.On < now.On)
            )
                return $"stood in water from {Quantity.Day(before.On)} to {Quantity.Day(now.On)}";
        }
        return null;
    }
}
