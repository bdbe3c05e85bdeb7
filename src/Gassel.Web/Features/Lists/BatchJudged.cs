using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Data;

namespace Gassel.Web.Features.Lists;

/// <summary>A batch with what it is found, chosen and put in order by.</summary>
/// <param name="Winter">The year in which the winter of its start begins.</param>
/// <param name="Places">Where it stands, the place of most seed first.</param>
/// <param name="Due">What it asks for, soonest first.</param>
internal sealed record BatchJudged(
    ShelvedBatch Batch,
    Core.Treatments.Species Species,
    BatchPhase Phase,
    int Winter,
    IReadOnlyList<string> Places,
    IReadOnlyList<DueItem> Due,
    IReadOnlyList<BatchTrouble> Troubles
)
{
    public DateOnly? DueOn => Due.Count > 0 ? Due[0].DueOn : null;

    public int LateDays => Due.Select(d => d.LateDays).DefaultIfEmpty(0).Max();

    /// <summary>All words begin some word of it.</summary>
    public bool Says(IReadOnlyList<string> words)
    {
        var own = Words(
            string.Join(
                ' ',
                [
                    Core.Text.Of($"B-{Batch.Row.Number}"),
                    Species.CommonName,
                    Species.ScientificName,
                    Batch.Plan.Name ?? "",
                    Core.Text.Of($"lot {Batch.Row.LotId}"),
                    .. Batch.State.Living.Select(p => p.Vessel?.Label ?? ""),
                ]
            )
        );
        return words.All(w => own.Exists(o => o.StartsWith(w, StringComparison.OrdinalIgnoreCase)));
    }

    /// <summary>Letters and digits, all else parts them.</summary>
    public static List<string> Words(string text) =>
        [.. new string([.. text.Select(c => char.IsLetterOrDigit(c) ? c : ' ')]).Split(' ', StringSplitOptions.RemoveEmptyEntries)];
}
