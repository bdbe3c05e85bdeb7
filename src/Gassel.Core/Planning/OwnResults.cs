using Gassel.Core.Fold;
using Gassel.Core.Germination;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <summary>Own batches as the only witness of what a shorter cold or another route costs.</summary>
public static class OwnResults
{
    /// <summary>A batch speaks for a plan whose cold differs by no more than this, days (our assumption).</summary>
    public const int LikeColdDays = 7;

    /// <summary>
    /// The result of a batch whose every part is past the longest emergence of its route, or given up; null while one is neither, waits for
    /// another
    /// spring, or nobody ever counted.
    /// </summary>
    public static OwnResult? Of(BatchPlan plan, BatchState state, string speciesId, DateOnly today)
    {
        if (!state.Started || plan.GerminateStep is not { } germinate)
            return null;
        var counted = SeedCounted.Of(plan, state);
        if (counted == Counted.Never)
            return null;
        var longest = Math.Max(plan.Steps[germinate].Step.Days.Longest, plan.ComesUpIn().Longest);
        var over = DateOnly.MinValue;
        foreach (var part in state.Living)
        {
            if (part.Spans.FirstOrDefault(s => s.Step == germinate) is not { } span)
                return null;
            var on = part.ClosedOn ?? span.Start.AddDays(longest);
            if (on > today || (part.KeptOn is not null && part.ClosedOn is null))
                return null;
            if (on > over)
                over = on;
        }
        if (state.SeedsStarted - state.SeedsCut <= 0)
            return null;
        var main = state.Living.MaxBy(p => p.Seeds)!;
        var cold = main
            .Spans.Where(s => s.End is not null && plan.Steps[s.Step].Step.Kind == StepKind.ColdMoist)
            .Sum(s => s.End!.Value.DayNumber - s.Start.DayNumber);
        return new(speciesId, plan.Route.Id, state.Germinated, state.SeedsStarted - state.SeedsCut, cold, over, counted == Counted.SoFar);
    }

    /// <param name="coldDays">Days of cold-moist that the plan gives.</param>
    /// <param name="shortestCold">Of the route; below it few are expected.</param>
    /// <param name="line">What own batches of the route tell of its cold; null where they do not tell it.</param>
    public static Expectation Expect(
        IReadOnlyList<OwnResult> own,
        string speciesId,
        string routeId,
        int coldDays,
        int shortestCold,
        int seeds,
        double survival,
        ColdLine? line = null
    )
    {
        var like = own.Where(o =>
                o.SpeciesId == speciesId
                && o.RouteId == routeId
                && Math.Abs(o.ColdDays - coldDays) <= LikeColdDays
                && o is { AtLeast: false, Accident: null }
            )
            .ToList();
        if (like.Sum(o => o.Seeds) is > 0 and var tried)
        {
            var up = like.Sum(o => o.Germinated);
            var plants = seeds * (double)up / tried * survival;
            return new(
                plants,
                Text.Of(
                    $"Own results: {up} of {tried} came up in {like.Count} {(like.Count == 1 ? "batch" : "batches")} "
                        + $"of this route with a cold like it; × {seeds} seeds × survival {survival:P0}."
                )
            );
        }
        if (line?.At(coldDays) is { Mean: { } mean, Low: { } low, High: { } high })
        {
            return new(
                seeds * mean * survival,
                Text.Of(
                    $"By the cold of {line!.Batches} batches of your own, {mean:P0} ({low:P0} to {high:P0}) come up after {coldDays} days; "
                        + $"× {seeds} seeds × survival {survival:P0}."
                )
            );
        }
        return new(
            null,
            coldDays < shortestCold
                ? "Unknown; below the shortest cold expect few."
                : "Unknown: no finished batch of your own by this route with a cold like it."
        );
    }
}
