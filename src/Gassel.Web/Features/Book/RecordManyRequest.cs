using Gassel.Data;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Book;

/// <summary>One gesture on many batches, such as all bags of a shelf looked at: saved together or not at all.</summary>
/// <param name="Act">UUID of the gesture.</param>
/// <param name="IfConflict"><c>warn</c> if left out.</param>
public sealed record RecordManyRequest(Guid Act, string Who, IReadOnlyList<BatchToRecord> Batches, IfConflict? IfConflict = null)
{
    private const int MaxBatches = 500;

    public Refusal? Check(DateOnly today, IReadOnlyCollection<string> places)
    {
        if (Limits.Count("batches", Batches.Count, 1, MaxBatches) is { } refusal)
            return refusal;
        for (var i = 0; i < Batches.Count; i++)
        {
            if (Batches[i] is not { } batch)
                return new($"batches[{i}]", $"batches[{i}] is null; a batch with its entries is needed.");
            if (Of(batch).Check(today, places) is { } wrong)
                return wrong with { Field = wrong.Field == "who" ? "who" : $"batches[{i}].{wrong.Field}" };
        }
        return Batches.DistinctBy(b => b.Batch).Count() == Batches.Count
            ? null
            : new("batches", "A batch is named twice; put its entries together.");
    }

    public RecordRequest Of(BatchToRecord batch) => new(Act, Who, batch.Entries, IfConflict);
}
