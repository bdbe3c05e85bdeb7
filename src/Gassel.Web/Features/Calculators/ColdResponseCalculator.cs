using Gassel.Core.Germination;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

/// <summary>What cold does to germination, from finished batches.</summary>
internal static class ColdResponseCalculator
{
    private const int MostBatches = 500;
    private const int MostPoints = 200;
    private const double MostDays = 1000;
    private const int MostSeeds = 1_000_000;

    public static IResult Answer(ColdResponseRequest request)
    {
        var at = request.At ?? [];
        var refusal = Limits.Count("batches", request.Batches.Count, 1, MostBatches)
            ?? Limits.Count("at", at.Count, 0, MostPoints)
            ?? Limits.Confidence("confidence", request.Confidence)
            ?? request.Batches.Select(Check).FirstOrDefault(r => r is not null)
            ?? at.Select((days, i) => Limits.Number($"at[{i}]", days, 0, MostDays)).FirstOrDefault(r => r is not null)
            ?? Limits.Number("from", request.From ?? 0, 0, MostDays)
            ?? Limits.Number("to", request.To ?? 0, 0, MostDays)
            ?? (request.From is null != request.To is null ? new("to", "from and to belong together; valid is both or neither.") : null);
        return refusal?.ToResult()
            ?? (IResult)
                TypedResults.Ok(
                    ColdEffectFit.Fit(
                        [.. request.Batches.Select(b => new ColdBatch(b.ColdDays, b.Sown, b.Emerged))],
                        at,
                        request.From,
                        request.To,
                        request.Confidence,
                        request.Overdispersion
                    )
                );
    }

    private static Refusal? Check(ColdBatchInput batch, int i) =>
        Limits.Number($"batches[{i}].coldDays", batch.ColdDays, 0, MostDays)
        ?? Limits.Whole($"batches[{i}].sown", batch.Sown, 1, MostSeeds)
        ?? Limits.Whole($"batches[{i}].emerged", batch.Emerged, 0, batch.Sown);
}
