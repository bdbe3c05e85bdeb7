namespace Gassel.Solver;

/// <summary>A plan and its cost.</summary>
/// <param name="Starts">By id of the wish; null for one that is left out.</param>
internal sealed record SeasonPlan(IReadOnlyDictionary<string, DateOnly?> Starts, long Cost);
