namespace Gassel.Core.Germination;

/// <summary>
/// What batches of other nurseries let expect, in place of the rule. They are told apart as own batches are, by a spread between batches of
/// their own; and because nurseries differ too, all of them together are worth <see cref="WorthSeeds"/> seeds, half of what the rule was
/// (our assumption). Own batches soon outweigh them.
/// </summary>
/// <param name="Mean">Expected of a new batch before own ones.</param>
public sealed record EvidencePrior(double Mean, IReadOnlyList<string> Working)
{
    /// <summary>What it is worth as a prior, in seeds.</summary>
    public const double WorthSeeds = LearnedGermination.PriorSeeds / 2;

    /// <summary>Own batches on top of what others' let expect, or of the rule where there is no evidence.</summary>
    public static LearnedGermination Learn(EvidencePrior? evidence, double rule, IReadOnlyList<PastBatch> own) =>
        evidence is null ? LearnedGermination.From(rule, own) : LearnedGermination.From(evidence.Mean, own, WorthSeeds);

    /// <param name="rule">Expected without them, in (0, 1).</param>
    /// <param name="others">Null where none has a batch.</param>
    public static EvidencePrior? From(double rule, IReadOnlyList<OthersBatches>? others)
    {
        var some = others?.Where(o => o.Batches.Count > 0).ToList() ?? [];
        if (some.Count == 0)
            return null;
        var theirs = LearnedGermination.From(rule, [.. some.SelectMany(o => o.Batches)]);
        return new(
            theirs.Mean,
            [
                .. some.Select(o =>
                    Text.Of(
                        $"Evidence of {o.Nursery}: {o.Batches.Sum(b => (long)b.Germinated)} of {o.Batches.Sum(b => (long)b.Seeds)} came up "
                            + $"in {o.Batches.Count} {(o.Batches.Count == 1 ? "batch" : "batches")} treated alike."
                    )
                ),
                Text.Of(
                    $"From it {theirs.Mean:P0} are expected instead of {rule:P0}; nine of their batches in ten lie between "
                        + $"{theirs.Low:P0} and {theirs.High:P0}. Nurseries differ, so it counts half as much as the rule (our assumption)."
                ),
            ]
        );
    }
}
