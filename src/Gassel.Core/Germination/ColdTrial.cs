using Gassel.Core.Treatments;

namespace Gassel.Core.Germination;

/// <summary>
/// The fewest batches, at two or three lengths of cold, by which own results would tell whether cold matters: planned on a difference of
/// <see cref="Points"/> between the shortest and the longest of them, so that four such trials of five tell it (our choice; the variance of
/// a slope in a beta-binomial regression, in McCullagh and Nelder 1989; the source from memory).
/// </summary>
/// <param name="Levels">To be added to what there is, shortest first.</param>
/// <param name="SeedsEach">In each of these batches.</param>
/// <param name="IsEnough">False where even so many may not tell it.</param>
public sealed record ColdTrial(IReadOnlyList<ColdLevel> Levels, int SeedsEach, bool IsEnough, IReadOnlyList<string> Working)
{
    /// <summary>A difference worth knowing, as a share of the seeds.</summary>
    public const double Points = 0.2;

    private const int UsualSeeds = 50;

    /// <summary>More batches of one kind than these hardly anyone makes.</summary>
    private const int Most = 24;

    /// <summary>Quantiles of the normal distribution for 95 % on both sides and four of five on one.</summary>
    private const double Needed = 1.959964 + 0.841621;

    /// <summary>Likeness within a batch while too few batches tell it (our assumption).</summary>
    private const double UsualRho = 0.05;

    /// <summary>Null where the results speak already.</summary>
    /// <param name="cold">Of the route, days.</param>
    public static ColdTrial? Cheapest(IReadOnlyList<ColdBatch> batches, DurationRange cold, ColdEffect effect)
    {
        if (effect.Speaks)
            return null;
        var levels = LevelsOf(cold);
        int[] least = [.. levels.Select(level => IsNew(level, batches) ? 1 : 0)];
        var rho = batches.Count >= ColdEffectFit.LeastBatches ? effect.Rho ?? UsualRho : Math.Max(UsualRho, effect.Rho ?? 0);
        var plan = new Outlook(batches, levels, rho);
        var more = Math.Max(least.Sum(), ColdEffectFit.LeastBatches - batches.Count);
        int[] added;
        // every way to make so many, until the best of them tells
        do added = Splits(more, least).MaxBy(plan.Stands)!;
        while (plan.Stands(added) < Needed && more++ < Most);
        return new(
            [.. levels.Select((level, i) => new ColdLevel(level, added[i])).Where(l => l.Batches > 0)],
            UsualSeeds,
            plan.Stands(added) >= Needed,
            [
                Text.Of(
                    $"Planned on a difference of {Points:P0} of the seeds between {levels[0]} and {levels[^1]} days of cold, found by "
                        + $"four such trials of five at 95 %, with batches of {UsualSeeds} seeds (our choice)."
                ),
                batches.Count >= ColdEffectFit.LeastBatches && effect.Rho is not null
                    ? Text.Of($"Batches are taken to differ among themselves as yours do: {rho:0.000} on a scale from 0 to 1.")
                    : Text.Of($"Batches are taken to differ among themselves by {rho:0.000} on a scale from 0 to 1 (our assumption)."),
            ]
        );
    }

    /// <summary>
    /// Half of the shortest cold of the route, the shortest and the usual; where two of them lie together the longest takes a place.
    /// </summary>
    private static List<int> LevelsOf(DurationRange cold)
    {
        var levels = new List<int>();
        foreach (var level in new[] { cold.Shortest / 2, cold.Shortest, cold.Usual, cold.Longest })
        {
            if (levels.Count < ColdEffectFit.LeastLevels && (levels.Count == 0 || level - levels[^1] >= ColdEffectFit.LevelDays))
                levels.Add(level);
        }
        // a route that gives no room is tried beyond itself
        while (levels.Count < ColdEffectFit.LeastLevels)
            levels.Add(levels[^1] + 2 * (int)ColdEffectFit.LevelDays);
        return levels;
    }

    private static bool IsNew(int level, IReadOnlyList<ColdBatch> batches) =>
        !batches.Any(b => Math.Abs(b.ColdDays - level) < ColdEffectFit.LevelDays);

    /// <summary>All ways to add so many batches at three levels, at least some at each.</summary>
    private static IEnumerable<int[]> Splits(int batches, int[] least)
    {
        for (var low = least[0]; low <= batches; low++)
        {
            for (var middle = least[1]; low + middle + least[2] <= batches; middle++)
                yield return [low, middle, batches - low - middle];
        }
    }

    /// <summary>What batches at three levels would tell beside those that have their result.</summary>
    private sealed class Outlook
    {
        private readonly IReadOnlyList<ColdBatch> _seen;
        private readonly List<int> _levels;
        private readonly double _rho;
        private readonly double _mean;
        private readonly double _slope;

        public Outlook(IReadOnlyList<ColdBatch> seen, List<int> levels, double rho)
        {
            (_seen, _levels, _rho) = (seen, levels, rho);
            var (sown, emerged) = (seen.Sum(b => (double)b.Sown), seen.Sum(b => (double)b.Emerged));
            _mean = Math.Clamp(sown > 0 ? emerged / sown : 0.5, Points / 2 + 0.05, 1 - Points / 2 - 0.05);
            _slope = (Logit(_mean + Points / 2) - Logit(_mean - Points / 2)) / (levels[^1] - levels[0]);
        }

        /// <summary>By how many of its standard errors the slope that makes the difference would stand out.</summary>
        public double Stands(int[] added)
        {
            var middle = (_levels[0] + _levels[^1]) / 2.0;
            // weight, and with the cold once and twice
            var (total, first, second) = (0.0, 0.0, 0.0);
            void Take(double days, int sown, int batches)
            {
                var share = 1 / (1 + Math.Exp(-(Logit(_mean) + _slope * (days - middle))));
                var weight = batches * sown * share * (1 - share) / (1 + (sown - 1) * _rho);
                (total, first, second) = (total + weight, first + weight * days, second + weight * days * days);
            }
            foreach (var batch in _seen)
                Take(batch.ColdDays, batch.Sown, 1);
            for (var i = 0; i < added.Length; i++)
                Take(_levels[i], UsualSeeds, added[i]);
            return total > 0 ? _slope * Math.Sqrt(Math.Max(0, second - first * first / total)) : 0;
        }
    }

    private static double Logit(double mean) => Math.Log(mean / (1 - mean));
}
