using Gassel.Core.Fold;
using Gassel.Core.Germination;

namespace Gassel.Core.Yard;

/// <summary>One lot indoors and outdoors side by side.</summary>
/// <param name="Pair">Indoors less outdoors.</param>
/// <param name="Sentence">What may be said of it.</param>
public sealed record LotBothWays(
    int LotId,
    string CommonName,
    WayResult Indoors,
    WayResult Outdoors,
    ArmPair Pair,
    string Sentence,
    IReadOnlyList<string> Working
)
{
    /// <param name="indoors">At least one with seed sown; so with the others.</param>
    public static LotBothWays Of(int lot, string name, IReadOnlyList<CountedBatch> indoors, IReadOnlyList<CountedBatch> outdoors)
    {
        var (inside, outside) = (Way(indoors, false), Way(outdoors, true));
        var comparison = Comparison.Of([new("indoors", inside.Emerged, inside.Seeds), new("outdoors", outside.Emerged, outside.Seeds)]);
        var pair = comparison.Pairs[0];
        return new(
            lot,
            name,
            inside,
            outside,
            pair,
            Told(inside, outside, pair),
            [
                .. comparison.Working,
                "The two ways were not laid out as a trial: they differ in days, places and hands as well, so a "
                    + "difference is not the route's alone.",
            ]
        );
    }

    private static string Told(WayResult inside, WayResult outside, ArmPair pair)
    {
        string Share(double x) => Text.Of($"{100 * x:0} %");
        var over = inside.IsOver && outside.IsOver ? "" : "Not over. So far: ";
        var shares = $"{Share(inside.Fraction)} of {inside.Seeds} indoors, {Share(outside.Fraction)} of {outside.Seeds} outdoors";
        // told from the side that came up more, so that number and interval point the same way
        var (more, by, low, high) =
            pair.Difference >= 0
                ? ("indoors", pair.Difference, pair.Low, pair.High)
                : ("outdoors", -pair.Difference, -pair.High, -pair.Low);
        var points = Text.Of($"{100 * by:0} points, between {100 * low:0} and {100 * high:0}").Replace('-', '−');
        return pair.FisherP < 0.05
            ? $"{over}{shares}: {more} came up more, by {points}. This is unlikely to be chance."
            : $"{over}{shares}: this many seeds cannot tell the two apart ({more} by {points}).";
    }

    private static WayResult Way(IReadOnlyList<CountedBatch> batches, bool outdoors)
    {
        var parts = batches
            .SelectMany(b => b.State.Living.Select(p => (Batch: b, Part: p)))
            .Where(x => x.Part.SownOn is not null && x.Part.Seeds > 0)
            .ToList();
        var (seeds, emerged) = (parts.Sum(x => x.Part.Seeds), parts.Sum(x => Math.Min(x.Part.Germinated, x.Part.Seeds)));
        var wilson = Proportion.Wilson(emerged, seeds, 0.95);
        var up = parts
            .SelectMany(x =>
                x.Part.Counts.Where(c => c.Emerged > 0)
                    .Select(c => (c.On, c.Emerged, Days: c.On.DayNumber - x.Part.Spans[0].Start.DayNumber))
            )
            .ToList();
        return new(
            outdoors,
            [.. batches.Select(b => b.Number)],
            seeds,
            emerged,
            (double)emerged / seeds,
            wilson.Low,
            wilson.High,
            parts.Min(x => x.Part.Spans[0].Start),
            up.Count == 0 ? null : up.Min(u => u.On),
            up.Count == 0 ? null : up.Sum(u => (double)u.Days * u.Emerged) / up.Sum(u => u.Emerged),
            batches.Sum(b => BatchWork.Gestures(b.Entries)),
            [
                .. parts
                    .SelectMany(x => x.Part.Counts)
                    .Where(c => c.Lost > 0)
                    .GroupBy(c => c.Cause)
                    .Select(g => new CauseLost(g.Key, g.Sum(c => c.Lost))),
            ],
            batches.All(b => b.State.IsSeedOver(b.Plan))
        );
    }
}
