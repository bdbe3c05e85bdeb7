using Gassel.Core.Germination;

namespace Gassel.Web.Features.Learning;

/// <summary>What is expected of a new batch, and why.</summary>
public sealed record LearnedView(
    double PriorMean,
    int Germinated,
    int Seeds,
    int Batches,
    double Mean,
    double Low,
    double High,
    IReadOnlyList<string> Working
)
{
    internal static LearnedView Of(LearnedGermination learned, EvidencePrior? evidence) =>
        new(
            learned.PriorMean,
            learned.Own.Sum(b => b.Germinated),
            learned.Own.Sum(b => b.Seeds),
            learned.Own.Count,
            learned.Mean,
            learned.Low,
            learned.High,
            [.. evidence?.Working ?? [], .. learned.Working]
        );
}
