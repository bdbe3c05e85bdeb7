using System.Globalization;
using Gassel.Core.Batches;
using Gassel.Core.Germination;
using Gassel.Core.Treatments;
using Gassel.Data;

namespace Gassel.Web.Features.Yard;

/// <summary>The seed of a lot that went one way.</summary>
/// <param name="Batches">Their numbers.</param>
/// <param name="MeanDays">From the start of the treatment to emergence, of the seedlings that came up; null without any.</param>
/// <param name="FirstUpOn">Null before the first.</param>
/// <param name="Gestures">How often hands were on it: entries by day and gesture.</param>
/// <param name="Lost">By cause.</param>
public sealed record WayResult(
    bool Outdoors, IReadOnlyList<int> Batches, int Seeds, int Emerged, double Fraction, double Low, double High, DateOnly StartedOn, DateOnly? FirstUpOn, double? MeanDays, int Gestures, IReadOnlyList<CauseLost> Lost, bool IsOver);

public sealed record CauseLost(LossCause Cause, int Seedlings);

/// <summary>One lot indoors and outdoors side by side.</summary>
/// <param name="Pair">Indoors less outdoors.</param>
/// <param name="Sentence">What may be said of it.</param>
public sealed record LotBothWays(int LotId, string CommonName, WayResult Indoors, WayResult Outdoors, ArmPair Pair, string Sentence, IReadOnlyList<string> Working);

/// <summary>The same lot by the fridge and by the yard, with the honest intervals of trials.</summary>
internal static class IndoorsOutdoors
{
    public static async Task<IReadOnlyList<LotBothWays>> All(BatchShelf shelf, Library library)
    {
        var species = (await library.Species()).ToDictionary(s => s.Id);
        return [.. from lot in (await shelf.All()).Where(HasComeToGermination).GroupBy(b => b.Row.LotId)
                   let indoors = lot.Where(b => !b.Plan.Route.IsOutdoors).ToList()
                   let outdoors = lot.Where(b => b.Plan.Route.IsOutdoors).ToList()
                   where indoors.Count > 0 && outdoors.Count > 0
                   orderby lot.Key
                   select Compare(lot.Key, species[lot.First().Row.SpeciesId].CommonName, indoors, outdoors)];
    }

    private static bool HasComeToGermination(ShelvedBatch batch) => batch.State.Living.Any(p => p.SownOn is not null && p.Counts.Count > 0);

    private static LotBothWays Compare(int lot, string name, List<ShelvedBatch> indoors, List<ShelvedBatch> outdoors)
    {
        var (inside, outside) = (Way(indoors, false), Way(outdoors, true));
        var comparison = Comparison.Of([new("indoors", inside.Emerged, inside.Seeds), new("outdoors", outside.Emerged, outside.Seeds)]);
        var pair = comparison.Pairs[0];
        return new(lot, name, inside, outside, pair, Sentence(inside, outside, pair),
        [
            .. comparison.Working,
            "The two ways were not laid out as a trial: they differ in days, places and hands as well, so a difference is not the route's alone.",
        ]);
    }

    private static string Sentence(WayResult inside, WayResult outside, ArmPair pair)
    {
        string Share(double x) => string.Create(CultureInfo.InvariantCulture, $"{100 * x:0} %");
        var over = inside.IsOver && outside.IsOver ? "" : "Not over. So far: ";
        var shares = $"{Share(inside.Fraction)} of {inside.Seeds} indoors, {Share(outside.Fraction)} of {outside.Seeds} outdoors";
        var points = string.Create(CultureInfo.InvariantCulture, $"{Math.Abs(100 * pair.Difference):0} points, between {100 * pair.Low:0} and {100 * pair.High:0}").Replace('-', '−');
        return pair.FisherP < 0.05
            ? $"{over}{shares}: {(pair.Difference > 0 ? "indoors" : "outdoors")} came up more, by {points} (Fisher exact p {pair.FisherP.ToString("0.###", CultureInfo.InvariantCulture)})."
            : $"{over}{shares}: so many seeds cannot tell the two apart (difference {points}).";
    }

    private static WayResult Way(List<ShelvedBatch> batches, bool outdoors)
    {
        var parts = batches.SelectMany(b => b.State.Living.Select(p => (Batch: b, Part: p))).Where(x => x.Part.SownOn is not null && x.Part.Seeds > 0).ToList();
        var (seeds, emerged) = (parts.Sum(x => x.Part.Seeds), parts.Sum(x => Math.Min(x.Part.Germinated, x.Part.Seeds)));
        var wilson = Proportion.Wilson(emerged, seeds, 0.95);
        var up = parts.SelectMany(x => x.Part.Counts.Where(c => c.Emerged > 0).Select(c => (c.On, c.Emerged, Days: c.On.DayNumber - x.Part.Spans[0].Start.DayNumber))).ToList();
        return new(outdoors, [.. batches.Select(b => b.Row.Number)], seeds, emerged, (double)emerged / seeds, wilson.Low, wilson.High,
            parts.Min(x => x.Part.Spans[0].Start), up.Count == 0 ? null : up.Min(u => u.On), up.Count == 0 ? null : up.Sum(u => (double)u.Days * u.Emerged) / up.Sum(u => u.Emerged),
            batches.Sum(b => b.Entries.Where(e => e.Payload is not (Note or VoidEntry or CautionRead)).Select(e => (e.Act, e.DoneOn)).Distinct().Count()),
            [.. parts.SelectMany(x => x.Part.Counts).Where(c => c.Lost > 0).GroupBy(c => c.Cause).Select(g => new CauseLost(g.Key, g.Sum(c => c.Lost)))],
            batches.All(b => b.State.Living.All(p => p.IsDone(b.Plan) || p.ClosedOn is not null || (p.Open is { } open && b.Plan.Steps[open.Step].Step.Kind > StepKind.Germinate))));
    }
}
