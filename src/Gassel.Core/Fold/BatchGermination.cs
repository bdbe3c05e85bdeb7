using Gassel.Core.Germination;
using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>Germination over all parts: sprouted in treatment or emerged, of the seed started, with its Wilson interval.</summary>
/// <param name="Seeds">Started, less those cut for tests.</param>
/// <param name="Low">Where the number sown is an estimate, as if its upper end had been sown.</param>
/// <param name="High">As if its lower end had been sown.</param>
/// <param name="Counted">Never: the share is unknown. So far: it is a lower bound.</param>
public sealed record BatchGermination(
    int Germinated,
    int Seeds,
    double Fraction,
    double Low,
    double High,
    Counted Counted,
    IReadOnlyList<string> Working
)
{
    /// <summary>Null before the first step.</summary>
    public static BatchGermination? From(BatchPlan plan, BatchState state)
    {
        var (germinated, cut) = (state.Germinated, state.SeedsCut);
        var seeds = state.SeedsStarted - cut;
        if (!state.Started || seeds <= 0)
            return null;
        var off = state.Living.Sum(p => p.Seeds * (p.EstimatePercent ?? 0) / 100);
        var (most, least) = ((int)Math.Round(seeds + off), Math.Max(germinated, (int)Math.Round(seeds - off)));
        var (low, high) = (Proportion.Wilson(germinated, most, 0.95).Low, Proportion.Wilson(germinated, Math.Max(1, least), 0.95).High);
        return new(
            germinated,
            seeds,
            (double)germinated / seeds,
            low,
            high,
            SeedCounted.Of(plan, state),
            [
                Text.Of(
                    $"{germinated} germinated of {seeds} seeds, over all "
                        + $"parts{(cut > 0 ? $": {state.SeedsStarted} started less {cut} cut for tests" : "")}."
                ),
                Text.Of(
                    $"{state.Living.Sum(p => p.Sprouted)} sprouted in the treatment, "
                        + $"{state.Living.Sum(p => p.Emerged)} emerged; a sprout that emerges counts once."
                ),
                .. off > 0
                    ?
                    [
                        Text.Of(
                            $"The number sown is an estimate: the interval reaches from {most} sown (low end) to {least} sown (high end)."
                        ),
                    ]
                    : Array.Empty<string>(),
                Text.Of($"95 % interval {low:P1} to {high:P1} (Wilson 1927)."),
            ]
        );
    }
}
