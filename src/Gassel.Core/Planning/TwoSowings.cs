namespace Gassel.Core.Planning;

/// <summary>A part sown now and a part weeks later, as insurance against a late frost.</summary>
public static class TwoSowings
{
    /// <summary>The seed of the plan divided; a later sowing is a part of the same seed, not more of it.</summary>
    /// <param name="seeds">Of both, at least 2.</param>
    /// <param name="firstShare">In (0, 1). Each sowing gets at least one seed.</param>
    public static TwoSowingsResult Divide(SeedsQuestion question, int seeds, double firstShare)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(seeds, 2);
        var first = Math.Clamp((int)Math.Round(seeds * firstShare, MidpointRounding.AwayFromZero), 1, seeds - 1);
        var loose = question with { SeedsPerCell = null, WholeContainerLoss = 0, Containers = 1 };
        Sowing Of(int part) => new(part, part * loose.Germination.Mean(g => g * loose.Survival), SeedsNeeded.ReachProbability(part, loose));
        var (a, b) = (Of(first), Of(seeds - first));
        return new(
            a,
            b,
            SeedsNeeded.ReachProbability(seeds, loose),
            [
                Text.Of($"{seeds} seeds divided: {a.Seeds} now, {b.Seeds} later. {question.Germination.Words}"),
                Text.Of($"Expected plants: {a.ExpectedPlants:0.#} and {b.ExpectedPlants:0.#}, survival to a plant {question.Survival:P0}."),
                Text.Of(
                    $"If the first is lost, the second alone reaches {question.Plants} with probability "
                        + $"{b.AloneReaches:P1}; the other way round {a.AloneReaches:P1}."
                ),
                "Two sowings do not bring more plants; they keep one late freeze from taking all of them.",
            ]
        );
    }
}
