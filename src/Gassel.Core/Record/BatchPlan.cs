using Gassel.Core.Germination;
using Gassel.Core.Treatments;

namespace Gassel.Core.Record;

/// <summary>What a batch was confirmed with. It never changes; what happens is in the entries.</summary>
/// <param name="Route">The version of the route at the time of planning.</param>
/// <param name="Seeds">Seeds planned to start with.</param>
/// <param name="LatestStart">Last start that still reaches the anchor with every step at its shortest.</param>
/// <param name="Name">What the grower calls it beside its species; null for none.</param>
/// <param name="Sowing">How it is meant to be sown; null in a plan from before that was kept, and where nobody said.</param>
/// <param name="Forecast">As it was made at planning; null in a plan from before it was kept.</param>
/// <param name="OwnDays">Days from sowing to seedlings by own sowings, as they were told when it was planned; null where the days of the
/// route were, and in a plan from before that was kept.</param>
public sealed record BatchPlan(
    Route Route,
    IReadOnlyList<PlannedStep> Steps,
    int Plants,
    int Seeds,
    Anchor Anchor,
    DateOnly EarliestStart,
    DateOnly LatestStart,
    GerminationForecast? Forecast = null,
    string? Name = null,
    SownPlan? Sowing = null,
    DurationRange? OwnDays = null
)
{
    public const string FirstPart = "1";

    public DateOnly Start => Steps[0].Start;

    public DateOnly Finish => Steps[^1].End;

    /// <summary>Index of the germinate step; null in a route that ends before sowing.</summary>
    public int? GerminateStep
    {
        get
        {
            for (var i = 0; i < Steps.Count; i++)
            {
                if (Steps[i].Step.Kind == StepKind.Germinate)
                    return i;
            }
            return null;
        }
    }

    /// <summary>Outdoors the seed goes into its mix at the first warm or cold spell and stays there.</summary>
    public bool IsSownAt(int step) => Route.IsOutdoors && Steps[step].Step.Kind is StepKind.WarmMoist or StepKind.ColdMoist;

    /// <summary>
    /// The plan with days and target as they were taken on later; the days on which steps were planned first stay beside it.
    /// </summary>
    public BatchPlan With(Replanned? replanned)
    {
        if (replanned is null)
            return this;
        var days = replanned.Steps.GroupBy(s => s.Step).ToDictionary(g => g.Key, g => g.Last().Days);
        return this with
        {
            Steps =
            [
                .. Steps.Select(
                    (s, i) => days.TryGetValue(i, out var n) ? s with { PlannedDays = n, Skipped = n == 0 && s.Step.Optional } : s
                ),
            ],
            Anchor = Anchor with { Date = replanned.Target },
        };
    }

    /// <summary>The plan without optional steps that were left out.</summary>
    public BatchPlan Without(IReadOnlySet<int> leftOut) =>
        leftOut.Count == 0
            ? this
            : this with
            {
                Steps = [.. Steps.Select((s, i) => leftOut.Contains(i) ? s with { PlannedDays = 0, Skipped = true } : s)],
            };

    /// <summary>The next step that the plan does not skip; null after the last.</summary>
    public int? NextStep(int after)
    {
        for (var i = after + 1; i < Steps.Count; i++)
        {
            if (!Steps[i].Skipped)
                return i;
        }
        return null;
    }
}
