using Gassel.Core.Treatments;

namespace Gassel.Core.Germination;

/// <summary>
/// The fewest batches, at two or three lengths of cold, by which own results would tell whether cold matters: planned on a difference of
/// <see cref="Points"/> between the shortest and the longest of them, so that four such trials of five tell it (our choice; the variance of
/// a slope in a beta-binomial regression, for instance McCullagh and Nelder 1989, section 4.5).
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
        var added = levels.Select(level => IsNew(level, batches) ? 1 : 0).ToArray();
        var rho = batches.Count >= ColdEffectFit.LeastBatches ? effect.Rho ?? UsualRho : Math.Max(UsualRho, effect.Rho ?? 0);
        List<ColdBatch> All() =>
            [.. batches, .. levels.SelectMany((days, i) => Enumerable.Repeat(new ColdBatch(days, UsualSeeds, 0), added[i]))];
        // the ends tell most of a slope, so what is still missing goes there by turns
        var last = levels.Count - 1;
        bool IsEnough() => All().Count >= ColdEffectFit.LeastBatches && Tells(batches, All(), levels[0], levels[last], rho);
        while (added.Sum() < Most && !IsEnough())
            added[added[0] <= added[last] ? 0 : last]++;
        return new(
            [.. levels.Select((level, i) => new ColdLevel(level, added[i])).Where(l => l.Batches > 0)],
            UsualSeeds,
            IsEnough(),
            [
                Text.Of(
                    $"Planned on a difference of {Points:P0} of the seeds between {levels[0]} and {levels[last]} days of cold, found by "
                        + $"four such trials of five at 95 %, with batches of {UsualSeeds} seeds (our choice)."
                ),
                batches.Count >= ColdEffectFit.LeastBatches && effect.Rho is not null
                    ? Text.Of($"Batches are taken to differ among themselves as yours do: {rho:0.000} on a scale from 0 to 1.")
                    : Text.Of($"Batches are taken to differ among themselves by {rho:0.000} on a scale from 0 to 1 (our assumption)."),
            ]
        );
    }

    /// <summary>Half of the shortest cold of the route, the shortest and the usual; those that lie together are one.</summary>
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

    /// <summary>True where the slope that makes the difference stands out of its standard error.</summary>
    /// <param name="seen">Those that have their result.</param>
    private static bool Tells(IReadOnlyList<ColdBatch> seen, List<ColdBatch> all, int low, int high, double rho)
    {
        var (sown, emerged) = (seen.Sum(b => (double)b.Sown), seen.Sum(b => (double)b.Emerged));
        var mean = Math.Clamp(sown > 0 ? emerged / sown : 0.5, Points / 2 + 0.05, 1 - Points / 2 - 0.05);
        var slope = (Logit(mean + Points / 2) - Logit(mean - Points / 2)) / (high - low);
        var middle = (low + high) / 2.0;
        var weights = all.ConvertAll(b =>
        {
            var share = 1 / (1 + Math.Exp(-(Logit(mean) + slope * (b.ColdDays - middle))));
            return b.Sown * share * (1 - share) / (1 + (b.Sown - 1) * rho);
        });
        var total = weights.Sum();
        var centre = all.Select((b, i) => weights[i] * b.ColdDays).Sum() / total;
        var information = all.Select((b, i) => weights[i] * (b.ColdDays - centre) * (b.ColdDays - centre)).Sum();
        return slope * Math.Sqrt(information) >= Needed;
    }

    private static double Logit(double mean) => Math.Log(mean / (1 - mean));
}
