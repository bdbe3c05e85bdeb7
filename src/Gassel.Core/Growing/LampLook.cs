using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Core.Growing;

/// <summary>
/// Lamps follow the leaves: fluorescent tubes 5 to 8 cm above them, LED by its maker, usually 15 to 45 cm (common practice, no source).
/// </summary>
/// <param name="LastOn">Day on which they were last set; null where nobody recorded it.</param>
/// <param name="Parts">That grow under them.</param>
public sealed record LampLook(DateOnly DueOn, DateOnly? LastOn, int LateDays, int Parts, string Words, IReadOnlyList<string> Working)
{
    /// <summary>Looked at so often, days (our assumption).</summary>
    public const int EveryDays = 7;

    /// <summary>Null where there are no lamps, or nothing grows under them.</summary>
    public static LampLook? Of(Place place, IEnumerable<PartState> there, DateOnly today)
    {
        var grow = place.IsLit ? there.Where(p => p.Plants.Growing > 0).ToList() : [];
        if (grow.Count == 0)
            return null;
        var first = grow.Min(p => p.FirstUpOn)!.Value;
        var raised = grow.SelectMany(p => p.Tended.Where(t => t.What == Record.Tending.LampsRaised)).Select(t => (DateOnly?)t.On).Max();
        var due = (raised ?? first).AddDays(EveryDays);
        return new(
            due,
            raised,
            Math.Max(0, today.DayNumber - due.DayNumber),
            grow.Count,
            raised is { } on
                ? $"Lamps last set {Quantity.Day(on)}; tubes {RuleOfThumb.TubesAbove} above the leaves, LED by its maker."
                : $"Lamp height is not recorded: tubes {RuleOfThumb.TubesAbove} above the leaves, LED by its maker.",
            [
                Text.Of(
                    $"{(raised is null ? $"First seedling there {Quantity.Day(first)}" : $"Last set {Quantity.Day(raised.Value)}")} "
                        + $"+ {EveryDays} days (our assumption). Heights: common practice, no source."
                ),
                "Lamps near water hang on a residual-current (GFCI) outlet, with a drip loop in the cable; switch off "
                    + "before touching them.",
            ]
        );
    }
}
