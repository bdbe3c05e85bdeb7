using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Core.Growing;

/// <summary>A symptom at a place: how many of the vessels there show it, and whether it goes on to others.</summary>
/// <param name="Numbers">Batches that show it.</param>
/// <param name="Newly">Vessels in which it was first seen within the last week, after another there had it.</param>
public sealed record SymptomSpread(Symptom What, IReadOnlyList<int> Numbers, int Vessels, int Of, int Newly, DateOnly FirstOn, string Words)
{
    private const int NewDays = 7;

    /// <param name="there">All that is sown and stands there, with the number of its batch.</param>
    public static IReadOnlyList<SymptomSpread> At(IEnumerable<(int Number, PartState Part)> there, DateOnly today)
    {
        var all = there.Where(t => t.Part.IsInVessel).ToList();
        return
        [
            .. all.SelectMany(t => t.Part.Symptoms.Where(s => s.IsOpen).Select(s => (t.Number, Tale: s)))
                .GroupBy(s => s.Tale.What)
                .Select(g => Tell(g.Key, [.. g], all.Count, today))
                .OrderBy(s => s.FirstOn),
        ];
    }

    private static SymptomSpread Tell(Symptom what, List<(int Number, SymptomTale Tale)> seen, int of, DateOnly today)
    {
        var first = seen.Min(s => s.Tale.FirstOn);
        var newly = Symptoms.Spreads(what) ? seen.Count(s => s.Tale.FirstOn > first && s.Tale.FirstOn >= today.AddDays(-NewDays)) : 0;
        var numbers = seen.Select(s => s.Number).Distinct().Order().ToList();
        return new(
            what,
            numbers,
            seen.Count,
            of,
            newly,
            first,
            Text.Of(
                $"{Text.Capital(what.Words())} in {seen.Count} of {of} {(of == 1 ? "vessel" : "vessels")} here "
                    + $"({string.Join(", ", numbers.Select(n => Text.Of($"B-{n}")))}), first seen {Quantity.Day(first)}"
                    + $"{(newly == 0 ? "" : Text.Of($"; {newly} more in the last week: it spreads"))}."
            )
        );
    }
}
