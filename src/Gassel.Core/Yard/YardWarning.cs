namespace Gassel.Core.Yard;

/// <summary>What a container in the yard asks for, the most pressing first.</summary>
public enum YardWarningKind
{
    /// <summary>Seedlings are up and a freeze that kills them is coming.</summary>
    FreezeComing,

    /// <summary>Hot enough to kill.</summary>
    CookRisk,
    OpenCaps,

    /// <summary>A freeze passed over seedlings, and nobody has counted since.</summary>
    CountSurvivors,
    CapTonight,
    Flooded,
    Dry,
    Wind,

    /// <summary>The freeze is over for what was covered or carried in.</summary>
    BackOut,
    OpenByDegrees,
    MulchMostOff,

    /// <summary>Seedlings in a mix without nutrients.</summary>
    Feed,
    LateForCold,
}

/// <param name="Reason">Why, with day, hours and temperatures.</param>
/// <param name="From">Beginning of the danger; null where it is no matter of hours.</param>
/// <param name="Actions">What can be done about it, the usual one first; empty where nothing can.</param>
public sealed record YardWarning(YardWarningKind Kind, string Reason, DateTimeOffset? From, DateTimeOffset? To, double? WorstC, IReadOnlyList<Tending> Actions);
