using System.Globalization;
using Gassel.Core.Batches;
using Gassel.Core.Germination;
using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <summary>What a finished batch of one's own did.</summary>
/// <param name="Seeds">Started, less those cut for tests.</param>
/// <param name="ColdDays">Days it was in the cold, over all cold steps.</param>
/// <param name="OverOn">Day from which its result stands.</param>
/// <param name="AtLeast">It was last counted while more could come up: so many at least.</param>
/// <param name="Accident">What befell its seed, so that it tells of the accident and not of the route; null where nothing did, or the grower let it in.</param>
public sealed record OwnResult(string SpeciesId, string RouteId, int Germinated, int Seeds, int ColdDays, DateOnly OverOn = default, bool AtLeast = false, string? Accident = null)
{
    public PastBatch Past => new(Germinated, Seeds, AtLeast);
}

/// <summary>What own results let one expect of a route with so much cold; null fields where nothing is known.</summary>
/// <param name="Plants">Expected from the seed of the plan.</param>
/// <param name="Why">The batches it rests on, or why it is unknown.</param>
public sealed record Expectation(double? Plants, string Why);

/// <summary>Own batches as the only witness of what a shorter cold or another route costs.</summary>
public static class OwnResults
{
    /// <summary>A batch speaks for a plan whose cold differs by no more than this, days (our assumption).</summary>
    public const int LikeColdDays = 7;

    /// <summary>
    /// The result of a batch whose every part is past the longest emergence of its route, or given up; null while one is neither, waits for another
    /// spring, or nobody ever counted.
    /// </summary>
    public static OwnResult? Of(BatchPlan plan, BatchState state, string speciesId, DateOnly today)
    {
        if (!state.Started || plan.GerminateStep is not { } germinate) return null;
        var counted = SeedCounted.Of(plan, state);
        if (counted == Counted.Never) return null;
        var longest = plan.Steps[germinate].Step.Days.Longest;
        var over = DateOnly.MinValue;
        foreach (var part in state.Living)
        {
            if (part.Spans.FirstOrDefault(s => s.Step == germinate) is not { } span) return null;
            var on = part.ClosedOn ?? span.Start.AddDays(longest);
            if (on > today || (part.KeptOn is not null && part.ClosedOn is null)) return null;
            if (on > over) over = on;
        }
        if (state.SeedsStarted - state.SeedsCut <= 0) return null;
        var main = state.Living.MaxBy(p => p.Seeds)!;
        var cold = main.Spans.Where(s => s.End is not null && plan.Steps[s.Step].Step.Kind == StepKind.ColdMoist).Sum(s => s.End!.Value.DayNumber - s.Start.DayNumber);
        return new(speciesId, plan.Route.Id, state.Germinated, state.SeedsStarted - state.SeedsCut, cold, over, counted == Counted.SoFar);
    }

    /// <param name="coldDays">Days of cold-moist that the plan gives.</param>
    /// <param name="shortestCold">Of the route; below it few are expected.</param>
    public static Expectation Expect(IReadOnlyList<OwnResult> own, string speciesId, string routeId, int coldDays, int shortestCold, int seeds, double survival)
    {
        var like = own.Where(o => o.SpeciesId == speciesId && o.RouteId == routeId && Math.Abs(o.ColdDays - coldDays) <= LikeColdDays && o is { AtLeast: false, Accident: null }).ToList();
        if (like.Sum(o => o.Seeds) is > 0 and var tried)
        {
            var up = like.Sum(o => o.Germinated);
            var plants = seeds * (double)up / tried * survival;
            return new(plants, string.Create(CultureInfo.InvariantCulture,
                $"Own results: {up} of {tried} came up in {like.Count} {(like.Count == 1 ? "batch" : "batches")} of this route with a cold like it; × {seeds} seeds × survival {survival:P0}."));
        }
        return new(null, coldDays < shortestCold
            ? "Unknown; below the shortest cold expect few."
            : "Unknown: no finished batch of your own by this route with a cold like it.");
    }
}
