using Gassel.Core.Treatments;

namespace Gassel.Core.Germination;

/// <summary>When seed of a route really came up, over own batches.</summary>
/// <param name="FromDay">One seedling in twenty was counted by then, days since sowing; the mean over the batches, each counting
/// once.</param>
/// <param name="ToDay">Nineteen in twenty.</param>
/// <param name="Proposal">Days to emergence that the record speaks for where the route says otherwise; null where it agrees, or where there
/// is too little.</param>
public sealed record ObservedWindow(int Batches, int Seedlings, double FromDay, double ToDay, DurationRange? Proposal, string Words)
{
    /// <summary>Fewer batches or seedlings propose nothing (our assumption).</summary>
    public const int LeastBatches = 2;
    public const int LeastSeedlings = 30;

    /// <summary>Off by less is no other window, days (our assumption).</summary>
    private const double Off = 2;

    /// <summary>Null where nothing came up.</summary>
    /// <param name="sowings">Counts of each sowing.</param>
    /// <param name="route">Days to emergence as the route gives them.</param>
    public static ObservedWindow? Of(IReadOnlyList<IReadOnlyList<SeedlingCount>> sowings, DurationRange route)
    {
        var up = sowings.Where(c => c.Sum(x => x.Emerged) > 0).ToList();
        if (up.Count == 0)
            return null;
        var seedlings = up.Sum(c => c.Sum(x => x.Emerged));
        var (from, half, to) = (up.Average(c => Day(c, 0.05)), up.Average(c => Day(c, 0.5)), up.Average(c => Day(c, 0.95)));
        var enough = up.Count >= LeastBatches && seedlings >= LeastSeedlings;
        var off = from < route.Shortest - Off || to > route.Longest + Off;
        DurationRange? proposal =
            enough && off
                ? new(
                    Math.Min(route.Shortest, (int)Math.Floor(from)),
                    Math.Clamp(
                        (int)Math.Round(half),
                        Math.Min(route.Shortest, (int)Math.Floor(from)),
                        Math.Max(route.Longest, (int)Math.Ceiling(to))
                    ),
                    Math.Max(route.Longest, (int)Math.Ceiling(to))
                )
                : null;
        var words = Text.Of(
            $"{seedlings} seedlings of {up.Count} {(up.Count == 1 ? "sowing" : "sowings")}: one in twenty up by day "
                + $"{from:0.#}, half by day {half:0.#}, nineteen in twenty by day {to:0.#}; the route says day "
                + $"{route.Shortest} to {route.Longest}."
        );
        return new(
            up.Count,
            seedlings,
            from,
            to,
            proposal,
            proposal is { } p ? Text.Of($"{words} Proposed: {p.Shortest}–{p.Usual}–{p.Longest} days.")
                : enough || !off ? words
                : Text.Of($"{words} Too little to propose another: {LeastBatches} sowings and {LeastSeedlings} seedlings are needed.")
        );
    }

    /// <summary>Day of the count by which a share of the seedlings was up. Not interpolated: before the first count nobody knows.</summary>
    public static double Day(IReadOnlyList<SeedlingCount> counts, double share)
    {
        double all = counts.Sum(c => c.Emerged),
            sum = 0;
        foreach (var count in counts)
        {
            sum += count.Emerged;
            if (sum >= (share * all) - 1e-9 && sum > 0)
                return count.Day;
        }
        return counts[^1].Day;
    }
}
