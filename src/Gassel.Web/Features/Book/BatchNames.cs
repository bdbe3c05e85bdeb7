using Gassel.Core.Record;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Book;

/// <summary>What is said wherever batches are named.</summary>
internal static class BatchNames
{
    public static Refusal NoSuchBatch(Guid id) => Refusal.NotFound("batch", id, "Choose one of the batches listed.");

    public static Dictionary<string, string> OfPlaces(IEnumerable<Place> places) => places.ToDictionary(p => p.Id, p => p.Name);
}
