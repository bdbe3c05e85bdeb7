using System.Globalization;

namespace Gassel.Core.Planning;

/// <summary>One of two sowings.</summary>
/// <param name="ExpectedPlants">Mean number from its seed, if it is not lost.</param>
/// <param name="AloneReaches">P(all the plants wanted) if the other sowing is lost whole.</param>
public sealed record Sowing(int Seeds, double ExpectedPlants, double AloneReaches);

/// <param name="BothReach">P(the plants wanted) from both, neither lost.</param>
public sealed record TwoSowingsResult(Sowing First, Sowing Second, double BothReach, IReadOnlyList<string> Working);

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
        return new(a, b, SeedsNeeded.ReachProbability(seeds, loose),
        [
            string.Create(CultureInfo.InvariantCulture, $"{seeds} seeds divided: {a.Seeds} now, {b.Seeds} later. {question.Germination.Words}"),
            string.Create(CultureInfo.InvariantCulture, $"Expected plants: {a.ExpectedPlants:0.#} and {b.ExpectedPlants:0.#}, survival to a plant {question.Survival:P0}."),
            string.Create(CultureInfo.InvariantCulture, $"If the first is lost, the second alone reaches {question.Plants} with probability {b.AloneReaches:P1}; the other way round {a.AloneReaches:P1}."),
            "Two sowings do not bring more plants; they keep one late freeze from taking all of them.",
        ]);
    }
}
