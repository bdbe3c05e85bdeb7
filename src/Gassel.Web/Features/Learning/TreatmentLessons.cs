using System.Collections.Concurrent;
using Gassel.Core;
using Gassel.Core.Germination;
using Gassel.Core.Planning;
using Gassel.Core.Seed;
using Gassel.Data;

namespace Gassel.Web.Features.Learning;

/// <summary>Which treatments matter for a species and its genus; reckoned once as long as the finished batches stay the same.</summary>
internal sealed class TreatmentLessons(Library library, OwnBatches own, LotBook lots)
{
    /// <summary>The newest so many are taken: more only make the answer wait.</summary>
    private const int Most = 120;

    private readonly ConcurrentDictionary<string, (string Mark, TreatmentsLearned Learned)> _kept = [];

    public async Task<SpeciesTreatments> Of(Core.Treatments.Species species)
    {
        var genus = GenusOf(species);
        var kin = (await library.Species()).Where(s => GenusOf(s) == genus).Select(s => s.Id).ToHashSet();
        // one that was last counted while more could come up, or had an accident, does not tell what its treatment did
        var finished = (await own.All())
            .Where(f => kin.Contains(f.Result.SpeciesId) && f.Result is { AtLeast: false, Accident: null })
            .ToList();
        var byLot = (await lots.All()).ToDictionary(l => l.Id, l => l.Lot);
        var ours = finished.Where(f => f.Result.SpeciesId == species.Id).ToList();
        return new(
            ours.Count == 0 ? null : Learned(species.ScientificName, ours, byLot),
            ours.Count == finished.Count ? null : Learned(Text.Of($"the genus {genus}"), finished, byLot)
        );
    }

    private static string GenusOf(Core.Treatments.Species species) => species.ScientificName.Split(' ')[0];

    private TreatmentsLearned Learned(string of, List<FinishedBatch> finished, Dictionary<int, SeedLot> lots)
    {
        var batches = OwnTreatments.Of([
            .. finished
                .TakeLast(Most)
                .Where(f => lots.ContainsKey(f.Batch.Row.LotId))
                .Select(f => (f.Batch.Plan, f.Batch.State, f.Result, f.Batch.Row.LotId, lots[f.Batch.Row.LotId])),
        ]);
        var mark = string.Join('|', batches.Select(b => $"{b.Lot} {b.Sown} {b.Emerged} {string.Join(' ', b.Had)}"));
        if (_kept.TryGetValue(of, out var kept) && kept.Mark == mark)
            return kept.Learned;
        var told = TreatmentFit.Fit(batches);
        var learned = new TreatmentsLearned(
            of,
            told.Batches,
            [
                .. told.Effects.Select(e => new TreatmentTold(
                    e.Factors[0].Factor.Words(),
                    TreatmentWords.Of(e),
                    e.Difference,
                    e.Low,
                    e.High,
                    e.IsSeen
                )),
            ],
            [.. told.Silent.Select(s => TreatmentWords.Silent(s.Factor, s.Why))],
            finished.Count > Most
                ? [.. told.Working, Text.Of($"Of {finished.Count} finished batches the newest {Most} are taken.")]
                : told.Working
        );
        _kept[of] = (mark, learned);
        return learned;
    }
}
