using Gassel.Core.Fold;
using Gassel.Core.Treatments;
using Gassel.Data;

namespace Gassel.Web.Features.Tables;

/// <summary>A count of a vessel with all that was done to its seed beside it.</summary>
/// <param name="Count">Null for a vessel that was sown and never counted: nothing is known of it, which is not zero.</param>
/// <param name="EmergedSoFar">That count included.</param>
internal sealed record ResultRow(
    ShelvedBatch Batch,
    Core.Treatments.Species Species,
    KeptLot Lot,
    PartState Part,
    CountRecord? Count,
    int EmergedSoFar,
    string? PlaceName
)
{
    /// <summary>Days under a kind of step by the calendar, until it was sown; null where the route has none.</summary>
    public int? DaysOf(StepKind kind)
    {
        var spans = Part.Spans.Where(s => s.Step < Batch.Plan.Route.Steps.Count && Batch.Plan.Route.Steps[s.Step].Kind == kind).ToList();
        return spans.Count == 0 ? null : spans.Sum(s => (s.End ?? Part.SownOn!.Value).DayNumber - s.Start.DayNumber);
    }

    public static async Task<IEnumerable<ResultRow>> All(TableBooks books)
    {
        var species = (await books.Library.Species()).ToDictionary(s => s.Id);
        var lots = (await books.Lots.All()).ToDictionary(l => l.Id);
        var places = (await books.Library.Places()).ToDictionary(p => p.Id, p => p.Name);
        var rows = new List<ResultRow>();
        foreach (var batch in await books.Batches())
        {
            foreach (var part in batch.State.Living.Where(p => p.SownOn is not null))
            {
                var place = part.PlaceOn(part.SownOn!.Value) is { } id ? places.GetValueOrDefault(id, id) : null;
                ResultRow Row(CountRecord? count, int soFar) =>
                    new(batch, species[batch.Row.SpeciesId], lots[batch.Row.LotId], part, count, soFar, place);
                var soFar = 0;
                foreach (var count in part.Counts.OrderBy(c => c.On))
                    rows.Add(Row(count, soFar += count.Emerged));
                if (part.Counts.Count == 0)
                    rows.Add(Row(null, 0));
            }
        }
        return rows;
    }
}
