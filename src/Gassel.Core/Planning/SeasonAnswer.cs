namespace Gassel.Core.Planning;

/// <summary>When each wish starts.</summary>
/// <param name="Starts">First day by id of the wish; null for one that is left out.</param>
/// <param name="Cost">Days away from the best ones, by priority; 10,000 for each that is left out.</param>
/// <param name="Bound">No plan costs less.</param>
/// <param name="Optimal">Proven: cost and bound are the same.</param>
/// <param name="Load">Days on which more than four fifths of a place are taken.</param>
/// <param name="Binding">What is full when, and who waits for it.</param>
public sealed record SeasonAnswer(
    IReadOnlyDictionary<string, DateOnly?> Starts,
    long Cost,
    long Bound,
    bool Optimal,
    IReadOnlyList<SeasonLoad> Load,
    IReadOnlyList<SeasonBinding> Binding
);
