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
