using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Core.Growing;

/// <summary>
/// Lamps hang before the first seedling does, and then follow the leaves: fluorescent tubes 5 to 8 cm above them, LED by its maker,
/// usually 15 to 45 cm; raised after two to four weeks (common practice, no source).
/// </summary>
/// <param name="LastOn">Day on which they were last set; null where nobody recorded it.</param>
/// <param name="Parts">Ids of batch and part that they are for.</param>
public sealed record LampLook(
    DateOnly DueOn,
    DateOnly? LastOn,
    int LateDays,
    IReadOnlyList<LampPart> Parts,
    string Words,
    IReadOnlyList<string> Working
)
{
    /// <summary>Set higher again after so long, 14 to 28 (common practice, no source).</summary>
    public const int RaiseAfterDays = 14;

    /// <summary>Set so long before the first seedling is expected, days (our assumption).</summary>
    public const int AheadDays = 1;

    private const string Safety =
        "Lamps near water hang on a residual-current (GFCI) outlet, with a drip loop in the cable; switch off before touching them.";

    /// <summary>Null where there are no lamps, or nothing grows or comes up under them.</summary>
    /// <param name="there">All that stands there, with the plan of its batch.</param>
    public static LampLook? Of(Place place, IEnumerable<(Guid Batch, BatchPlan Plan, PartState Part)> there, DateOnly today)
    {
        if (!place.IsLit)
            return null;
        var all = there.Where(t => t.Part is { BooksClosed: false, Divided: false }).ToList();
        var grow = all.Where(t => t.Part.Plants.Growing > 0).ToList();
        return grow.Count > 0 ? Raise(grow, LastSet(all), today) : Hang(all, today);
    }

    private static LampLook Raise(List<(Guid Batch, BatchPlan Plan, PartState Part)> grow, DateOnly? set, DateOnly today)
    {
        var first = grow.Min(t => t.Part.FirstUpOn)!.Value;
        // lamps that were hung before the first seedling are raised by its age
        var from = set is { } on && on > first ? on : first;
        var due = set is null ? first : from.AddDays(RaiseAfterDays);
        var why = set is null
            ? $"First seedling there {Quantity.Day(first)}; lamps hang before it"
            : Text.Of(
                $"{(from == first ? "First seedling there" : "Last set")} {Quantity.Day(from)} + {RaiseAfterDays} days, two to four weeks"
            );
        return new(
            due,
            set,
            Math.Max(0, today.DayNumber - due.DayNumber),
            Ids(grow),
            set is { } last
                ? $"Lamps last set {Quantity.Day(last)}; tubes {RuleOfThumb.TubesAbove} above the leaves, LED by its maker."
                : $"Lamp height is not recorded: tubes {RuleOfThumb.TubesAbove} above the leaves, LED by its maker.",
            [$"{why} (common practice, no source).", Safety]
        );
    }

    /// <summary>For seed that is about to come up.</summary>
    private static LampLook? Hang(List<(Guid Batch, BatchPlan Plan, PartState Part)> all, DateOnly today)
    {
        var expected = all.Where(t =>
                t.Part is { ClosedOn: null, SecondCold: null, KeptOn: null, WaitsFrom: not null, Waiting: > 0 }
                && t.Plan.GerminateStep is not null
            )
            .Select(t => (It: t, On: t.Part.WaitsFrom!.Value.AddDays(t.Plan.ComesUpIn().Shortest)))
            .ToList();
        // whoever set them for one set them for all that wait there
        if (expected.Count == 0 || LastSet(all) is not null)
            return null;
        var first = expected.Min(e => e.On);
        var due = first.AddDays(-AheadDays);
        return new(
            due,
            null,
            Math.Max(0, today.DayNumber - due.DayNumber),
            Ids([.. expected.Select(e => e.It)]),
            Text.Of(
                $"Set the lamps before the first seedling, expected from {Quantity.Day(first)}: tubes {RuleOfThumb.TubesAbove} "
                    + $"above the mix, LED by its maker."
            ),
            [
                Text.Of(
                    $"Sown or out of the cold + the shortest time to emergence of the route = {Quantity.Day(first)}; lamps hang before it "
                        + $"(common practice, no source)."
                ),
                Safety,
            ]
        );
    }

    private static DateOnly? LastSet(IEnumerable<(Guid Batch, BatchPlan Plan, PartState Part)> there) =>
        there.SelectMany(t => t.Part.Tended.Where(d => d.What == Record.Tending.LampsRaised)).Select(d => (DateOnly?)d.On).Max();

    private static List<LampPart> Ids(IEnumerable<(Guid Batch, BatchPlan Plan, PartState Part)> there) =>
        [.. there.Select(t => new LampPart(t.Batch, t.Part.Id))];
}
