namespace Gassel.Core.Tests.Diagnosis;

/// <summary>What may go wrong in a made-up season.</summary>
internal enum Fault
{
    /// <summary>Taken out of the cold too early.</summary>
    ShortCold,

    /// <summary>Cold for long enough by the calendar, in a fridge that was too warm.</summary>
    WarmFridge,
    NoWarmWeeks,
    CoatWhole,
    ColdRoom,
    HotRoom,
    Buried,
    Lit,
    Deep,
    DeadSeed,
    Dried,
    Wet,
    Frosted,
    Eaten,
}
