namespace Gassel.Core.Due;

/// <summary>Something that needs hands.</summary>
/// <param name="Step">The step to start, check, or end.</param>
/// <param name="DueOn">The usual day.</param>
/// <param name="OpenUntil">Last day on which it does no harm by the route's longest or the plan's latest; null where nothing is
/// lost.</param>
/// <param name="LateDays">Days past <paramref name="DueOn"/>; 0 if it is due today or later.</param>
/// <param name="Cost">What waiting costs, in a grower's words.</param>
/// <param name="Working">Why it is due on that day.</param>
/// <param name="DueAt">The moment, where hours matter and the beginning was recorded with its time.</param>
public sealed record DueItem(
    DueKind Kind,
    string Part,
    int Step,
    DateOnly DueOn,
    DateOnly? OpenUntil,
    int LateDays,
    string Cost,
    IReadOnlyList<string> Working,
    DateTimeOffset? DueAt = null
);
