using Gassel.Core.Record;
using Gassel.Data;
using Gassel.Web.Features.Book;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Batches;

/// <summary>Amounts of each medium for the seed at hand.</summary>
internal static class Media
{
    private const int MaxSeeds = 1_000_000;

    public static async Task<Results<Ok<IReadOnlyList<MediumAmount>>, ProblemHttpResult>> For(
        Guid id,
        int seeds,
        Library library,
        BatchShelf shelf
    )
    {
        if (Limits.Whole("seeds", seeds, 1, MaxSeeds) is { } wrong)
            return wrong.ToResult();
        if (await shelf.Find(id) is not { } batch)
            return BatchNames.NoSuchBatch(id).ToResult();
        var size = (await library.Species()).Single(s => s.Id == batch.Row.SpeciesId).SeedSize;
        return TypedResults.Ok<IReadOnlyList<MediumAmount>>([
            .. Enum.GetValues<MoistMedium>().Select(m => MediumAmount.For(m, seeds, size)),
        ]);
    }
}
