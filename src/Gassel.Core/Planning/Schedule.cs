namespace Gassel.Core.Planning;

/// <param name="Feasible">The latest start is today or later.</param>
/// <param name="ShortfallDays">Days by which the usual start is past; 0 if it is not. May be positive while feasible.</param>
/// <param name="Options">Present when <paramref name="ShortfallDays"/> is positive, else empty.</param>
public sealed record Schedule(
    IReadOnlyList<ScheduledStep> Steps,
    DateWindow Start,
    DateWindow Finish,
    bool Feasible,
    int ShortfallDays,
    IReadOnlyList<ShortfallOption> Options,
    IReadOnlyList<string> Working
)
{
    /// <summary>
    /// Days of each step as they would be lived: usual ones, or where that start is past those of the first option that is possible.
    /// </summary>
    public IReadOnlyList<(DateOnly Start, DateOnly End)> Laid() =>
        ShortfallDays > 0 && Options.FirstOrDefault(o => o.Possible) is { } way
            ? [.. way.Steps.Select(s => (s.Start, s.End))]
            : [.. Steps.Select(s => (s.Start.Usual, s.End.Usual))];
}
