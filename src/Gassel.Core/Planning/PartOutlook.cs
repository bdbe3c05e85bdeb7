namespace Gassel.Core.Planning;

/// <summary>What follows for a part from what happened so far.</summary>
/// <param name="Steps">The step it is in and those to come.</param>
/// <param name="Sow">When it is sown; null once it is, or where its route has no sowing.</param>
/// <param name="MovedDays">Days by which the plants come later than planned at first; negative for earlier.</param>
/// <param name="Target">The day aimed at.</param>
/// <param name="LateDays">Days by which it misses the target at the usual pace; 0 where it does not.</param>
/// <param name="InReach">The target can still be met with every step at its shortest.</param>
/// <param name="Changes">What is otherwise than planned, in words.</param>
/// <param name="Choices">The ways on when it is late; their steps are those of <paramref name="Steps"/>.</param>
public sealed record PartOutlook(
    string Part,
    IReadOnlyList<StepOutlook> Steps,
    DateWindow? Sow,
    DateWindow Finish,
    int MovedDays,
    DateOnly Target,
    int LateDays,
    bool InReach,
    IReadOnlyList<string> Changes,
    IReadOnlyList<ShortfallOption> Choices,
    IReadOnlyList<string> Working
);
