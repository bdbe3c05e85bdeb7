namespace Gassel.Core.Due;

public enum DueKind
{
    StartStep,
    CheckBag,

    /// <summary>Water of a soak or a leaching.</summary>
    ChangeWater,

    /// <summary>How many have swollen.</summary>
    LookForSwelling,

    /// <summary>Seed that took no water is broken and soaked once more.</summary>
    ScarifyAgain,
    Sow,
    CountSeedlings,
    TakeDomeOff,
    EndStep,

    /// <summary>Out of a cold that was given after sowing.</summary>
    EndSecondCold,
    LookForTrueLeaves,

    /// <summary>How tall they are, for kinds that leave the tray by it.</summary>
    TakeHeight,

    /// <summary>Into the next pot.</summary>
    Repot,

    /// <summary>At plants on their way through the winter.</summary>
    WinterLook,
    EndWinter,

    /// <summary>At what was seen to be wrong.</summary>
    LookAgain,

    /// <summary>Or divide or thin: seedlings leave their crowd.</summary>
    PrickOut,

    /// <summary>To one in a cell, for kinds that are not pricked out.</summary>
    Thin,
    Feed,

    /// <summary>Plants that died back: do they come up again.</summary>
    LookForReturn,

    /// <summary>Out for the day, hardening off.</summary>
    CarryOut,
    PlantOut,

    /// <summary>Three quarters of the straw over pots taken off.</summary>
    StrawMostOff,
    StrawRestOff,
}
