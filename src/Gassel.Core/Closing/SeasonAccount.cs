using Gassel.Core.Fold;
using Gassel.Core.Germination;
using Gassel.Core.Treatments;

namespace Gassel.Core.Closing;

/// <summary>The books of a season.</summary>
/// <param name="Season">First year of the winter.</param>
/// <param name="Plants">Of all batches together.</param>
/// <param name="SeedsSown">Of <paramref name="Seeds"/>, those of batches that were sown.</param>
/// <param name="Treatments">Of species that were treated in more than one way.</param>
/// <param name="CostPerPlant">Of the plants that each batch's cost stands for; null without any.</param>
public sealed record SeasonAccount(
    int Season,
    IReadOnlyList<BatchAccount> Batches,
    PlantTally Plants,
    int Seeds,
    int SeedsSown,
    IReadOnlyList<WayAccount> Ways,
    IReadOnlyList<TreatmentsCompared> Treatments,
    IReadOnlyList<Proposal> Proposals,
    double? TotalCost,
    double? CostPerPlant,
    double? Saved
)
{
    /// <param name="all">Batches of any season.</param>
    public static SeasonAccount Of(int season, IEnumerable<BatchAccount> all)
    {
        var batches = all.Where(b => b.Season == season).ToList();
        var (total, plants) = (Sum(batches.Select(b => b.Cost.Total)), batches.Sum(b => b.Cost.Plants));
        return new(
            season,
            batches,
            PlantTally.Of(batches.Select(b => b.Plants)),
            batches.Sum(b => b.Seeds),
            batches.Where(b => b.Fraction is not null).Sum(b => b.Seeds),
            [.. batches.Where(b => b.Fraction is not null).GroupBy(b => b.Setting).OrderBy(g => g.Key).Select(Way)],
            TreatmentsCompared.Of(batches),
            [.. batches.SelectMany(Closing.Proposals.Of)],
            total,
            plants > 0 ? total / plants : null,
            Sum(batches.Select(b => b.Cost.Saved))
        );
    }

    /// <summary>Of what is known; null where nothing is.</summary>
    private static double? Sum(IEnumerable<double?> amounts) =>
        amounts.Where(a => a is not null).ToList() is { Count: > 0 } known ? known.Sum() : null;

    private static WayAccount Way(IGrouping<RouteSetting, BatchAccount> way)
    {
        var (seeds, up) = (way.Sum(b => b.Seeds), way.Sum(b => b.Germinated));
        var interval = Proportion.Wilson(up, seeds, 0.95);
        return new(
            way.Key,
            way.Count(),
            way.Count(b => !b.IsOver),
            seeds,
            up,
            (double)up / seeds,
            interval.Low,
            interval.High,
            way.Sum(b => b.Cost.Plants),
            Sum(way.Select(b => b.Cost.Total)),
            way.Sum(b => b.Gestures)
        );
    }
}
