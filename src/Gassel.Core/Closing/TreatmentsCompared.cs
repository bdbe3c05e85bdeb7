using System.Globalization;
using Gassel.Core.Germination;

namespace Gassel.Core.Closing;

/// <summary>Treatments of one species in one season side by side.</summary>
/// <param name="Best">The arm with most that came up.</param>
/// <param name="Words">What may be said of it, and what may not.</param>
public sealed record TreatmentsCompared(
    string SpeciesId,
    string CommonName,
    IReadOnlyList<TreatmentArm> Arms,
    TreatmentArm Best,
    string Words,
    IReadOnlyList<string> Working
)
{
    /// <summary>Cold that differs by no more is one treatment, days (our assumption).</summary>
    public const int SameColdDays = 7;

    /// <summary>Every species with two treatments that were sown and are over.</summary>
    public static IReadOnlyList<TreatmentsCompared> Of(IEnumerable<BatchAccount> batches) =>
        [
            .. batches
                .Where(b => b is { IsOver: true, Counted: Fold.Counted.Whole, Fraction: not null, Seeds: > 0 })
                .GroupBy(b => b.SpeciesId)
                .Select(Species)
                .OfType<TreatmentsCompared>()
                .OrderBy(t => t.CommonName, StringComparer.Ordinal),
        ];

    private static TreatmentsCompared? Species(IGrouping<string, BatchAccount> species)
    {
        var routes = species.GroupBy(b => b.RouteName).Select(g => ByCold(g).ToList()).ToList();
        if (routes.Sum(r => r.Count) < 2)
            return null;
        var arms = routes
            .SelectMany(route => route.Select(arm => arm with { Name = Named(arm, oneRoute: routes.Count == 1, oneArm: route.Count == 1) }))
            .ToList();
        var compared = Comparison.Of([.. arms.Select(a => new Arm(a.Name, a.Germinated, a.Seeds))]);
        var best = arms.MaxBy(a => a.Fraction)!;
        var next = arms.Where(a => a != best).MaxBy(a => a.Fraction)!;
        var pair = compared.Pairs.First(p =>
            (p.First == best.Name && p.Second == next.Name) || (p.First == next.Name && p.Second == best.Name)
        );
        var (low, high) = pair.First == best.Name ? (pair.Low, pair.High) : (-pair.High, -pair.Low);
        var words =
            pair.HolmP < 0.05
                ? Text.Of(
                    $"{Text.Capital(best.Name)} gave most, {Points(low)} to {Points(high)} points more than "
                        + $"{next.Name}. The batches were not laid out as a trial: lots, days and places differed too."
                )
                : Text.Of(
                    $"{Text.Capital(best.Name)} gave most, but this much seed cannot tell it from {next.Name} "
                        + $"(difference {Points(low)} to {Points(high)} points)."
                );
        return new(species.Key, species.First().CommonName, arms, best, words, compared.Working);
    }

    /// <summary>Batches of a route by their cold, those close together as one.</summary>
    private static IEnumerable<TreatmentArm> ByCold(IGrouping<string, BatchAccount> route)
    {
        var together = new List<List<BatchAccount>>();
        foreach (var batch in route.OrderBy(b => b.ColdDays).ThenBy(b => b.Number))
        {
            if (together.Count > 0 && batch.ColdDays - together[^1][0].ColdDays <= SameColdDays)
                together[^1].Add(batch);
            else
                together.Add([batch]);
        }
        return together.Select(group =>
        {
            var (seeds, up) = (group.Sum(b => b.Seeds), group.Sum(b => b.Germinated));
            var cold = (int)Math.Round(group.Sum(b => (double)b.ColdDays * b.Seeds) / seeds);
            var interval = Proportion.Wilson(up, seeds, 0.95);
            var timed = group.Where(b => b.MeanDays is not null).ToList();
            return new TreatmentArm(
                route.Key,
                cold,
                [.. group.Select(b => b.Number)],
                seeds,
                up,
                (double)up / seeds,
                interval.Low,
                interval.High,
                timed.Count == 0 ? null : timed.Sum(b => b.MeanDays!.Value * b.Germinated) / Math.Max(1, timed.Sum(b => b.Germinated))
            );
        });
    }

    /// <summary>By what it differs from the others: the route, the cold, or both.</summary>
    private static string Named(TreatmentArm arm, bool oneRoute, bool oneArm)
    {
        var cold = arm.ColdDays == 0 ? "no cold" : Text.Of($"{arm.ColdDays} days of cold");
        return oneRoute ? cold
            : oneArm ? arm.Name
            : $"{arm.Name}, {cold}";
    }

    private static string Points(double share) => (100 * share).ToString("0", CultureInfo.InvariantCulture).Replace('-', '−');
}
