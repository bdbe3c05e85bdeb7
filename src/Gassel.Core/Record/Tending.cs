namespace Gassel.Core.Record;

/// <summary>Something done to a container in the yard, and to plants that grow on anywhere.</summary>
public enum Tending
{
    CapOn,
    CapOff,
    TopOpen,

    /// <summary>As its care style has it.</summary>
    TopAsUsual,
    Covered,
    CarriedIn,

    /// <summary>Uncovered, or carried out again.</summary>
    BackOut,
    Watered,
    Drained,

    /// <summary>Weighted or tied against the wind.</summary>
    Secured,

    /// <summary>Three quarters of the mulch taken off.</summary>
    MulchMostOff,
    MulchRestOff,

    /// <summary>Given food, by its label.</summary>
    Fed,

    /// <summary>The lamps over it were set higher again.</summary>
    LampsRaised,
}
