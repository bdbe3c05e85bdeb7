using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <summary>The fixed day from which a schedule is counted.</summary>
public enum AnchorEvent
{
    /// <summary>The first step begins on the date; counted forwards.</summary>
    Start,

    /// <summary>The one germinate step begins on the date; backwards before it, forwards after it.</summary>
    Sow,

    /// <summary>The last step ends on the date; counted backwards.</summary>
    PlantOut,
}

public readonly record struct Anchor(AnchorEvent Event, DateOnly Date);

/// <summary>Earliest, usual and latest day of one event, inclusive.</summary>
public readonly record struct DateWindow(DateOnly Earliest, DateOnly Usual, DateOnly Latest);

/// <summary>What scheduling needs to know of a step.</summary>
public sealed record ScheduleStep(StepKind Kind, DurationRange Days, bool Optional = false, string? Note = null);

/// <summary>A step with its days. <c>End</c> is the day on which the next step starts.</summary>
public sealed record ScheduledStep(StepKind Kind, DateWindow Start, DateWindow End);

public enum ShortfallOptionKind
{
    Shorten,
    SkipOptional,
    MoveTarget,
    NextSeason,
}

/// <summary>A step of a shortfall option with its exact days; 0 days where the option skips it.</summary>
public sealed record OptionStep(StepKind Kind, int Days, DateOnly Start, DateOnly End);

/// <summary>One thing to do when the usual start is already past.</summary>
/// <param name="Possible">False where the option does not reach the anchor; its dates then show how near it comes.</param>
public sealed record ShortfallOption(
    ShortfallOptionKind Kind, bool Possible, DateOnly Start, DateOnly Finish, IReadOnlyList<OptionStep> Steps, string Note);

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
    IReadOnlyList<string> Working)
{
    /// <summary>Days of each step as they would be lived: usual ones, or where that start is past those of the first option that is possible.</summary>
    public IReadOnlyList<(DateOnly Start, DateOnly End)> Laid() => ShortfallDays > 0 && Options.FirstOrDefault(o => o.Possible) is { } way
        ? [.. way.Steps.Select(s => (s.Start, s.End))]
        : [.. Steps.Select(s => (s.Start.Usual, s.End.Usual))];
}
