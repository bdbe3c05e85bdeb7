using Gassel.Core.Planning;

namespace Gassel.Solver;

/// <summary>A plan and its cost.</summary>
internal sealed record SeasonPlan(IReadOnlyDictionary<string, DateOnly?> Starts, long Cost)
{
    /// <summary>All left out: always possible.</summary>
    public SeasonPlan(SeasonProblem problem)
        : this(problem.Wishes.ToDictionary(w => w.Id, _ => (DateOnly?)null), problem.Wishes.Sum(w => w.Cost(null))) { }
}
