namespace Gassel.Core.Due;

/// <summary>What is asked for: its words are the short order beside a part, its title heads the job.</summary>
public enum DueKind
{
    [Words("start")]
    StartStep,

    [Words("look", Title = "look at it")]
    CheckBag,

    /// <summary>Water of a soak or a leaching.</summary>
    [Words("change water", Title = "change the water")]
    ChangeWater,

    /// <summary>How many have swollen.</summary>
    [Words("look for swelling", Title = "how many have swollen")]
    LookForSwelling,

    /// <summary>Seed that took no water is broken and soaked once more.</summary>
    [Words("scarify again", Title = "took no water; scarify again")]
    ScarifyAgain,

    [Words("sow")]
    Sow,

    [Words("count", Title = "count seedlings")]
    CountSeedlings,

    [Words("dome off", Title = "take the dome off")]
    TakeDomeOff,

    [Words("end")]
    EndStep,

    /// <summary>Out of a cold that was given after sowing.</summary>
    [Words("out of the cold", Title = "out of its second cold")]
    EndSecondCold,

    [Words("true leaves?", Title = "look for true leaves")]
    LookForTrueLeaves,

    /// <summary>How tall they are, for kinds that leave the tray by it.</summary>
    [Words("measure", Title = "measure how tall they are")]
    TakeHeight,

    /// <summary>Into the next pot.</summary>
    [Words("repot", Title = "into the next pot")]
    Repot,

    /// <summary>At plants on their way through the winter.</summary>
    [Words("look over", Title = "look over, in winter")]
    WinterLook,

    [Words("winter over", Title = "out of the winter")]
    EndWinter,

    /// <summary>At what was seen to be wrong.</summary>
    [Words("look again", Title = "look again at what was wrong")]
    LookAgain,

    /// <summary>Or divide or thin: seedlings leave their crowd.</summary>
    [Words("prick out", Title = "prick out, divide or thin")]
    PrickOut,

    /// <summary>To one in a cell, for kinds that are not pricked out.</summary>
    [Words("thin", Title = "thin to one")]
    Thin,

    [Words("feed")]
    Feed,

    /// <summary>Plants that died back: do they come up again.</summary>
    [Words("up again?", Title = "do they come up again")]
    LookForReturn,

    /// <summary>Out for the day, hardening off.</summary>
    [Words("carry out", Title = "out for the day")]
    CarryOut,

    [Words("plant", Title = "plant out")]
    PlantOut,

    /// <summary>Three quarters of the straw over pots taken off.</summary>
    [Words("most straw off", Title = "three quarters of the straw off")]
    StrawMostOff,

    [Words("last straw off", Title = "the rest of the straw off")]
    StrawRestOff,
}
