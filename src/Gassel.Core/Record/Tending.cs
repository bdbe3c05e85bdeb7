namespace Gassel.Core.Record;

/// <summary>Something done to a container in the yard, and to plants that grow on anywhere.</summary>
public enum Tending
{
    [Words("cap put on")]
    CapOn,

    [Words("cap taken off")]
    CapOff,

    [Words("top opened")]
    TopOpen,

    /// <summary>As its care style has it.</summary>
    [Words("top back to usual")]
    TopAsUsual,

    [Words("covered")]
    Covered,

    [Words("brought in")]
    CarriedIn,

    /// <summary>Uncovered, or carried out again.</summary>
    [Words("back out, uncovered")]
    BackOut,

    [Words("watered")]
    Watered,

    [Words("drained")]
    Drained,

    /// <summary>Weighted or tied against the wind.</summary>
    [Words("secured against wind")]
    Secured,

    /// <summary>Three quarters of the mulch taken off.</summary>
    [Words("three quarters of the straw off")]
    MulchMostOff,

    [Words("rest of the straw off")]
    MulchRestOff,

    /// <summary>Given food, by its label.</summary>
    [Words("fed")]
    Fed,

    /// <summary>The lamps over it were set higher again.</summary>
    [Words("lamps raised")]
    LampsRaised,

    /// <summary>Leggy growth taken back above a leaf.</summary>
    [Words("pinched or cut back")]
    PinchedBack,

    /// <summary>A frame or greenhouse opened for the day.</summary>
    [Words("frame vented")]
    Vented,

    /// <summary>Closed again before sunset.</summary>
    [Words("frame shut")]
    Shut,

    /// <summary>Looked over on its way through the winter.</summary>
    [Words("looked over in winter")]
    WinterLooked,

    /// <summary>Propped or lifted for one to two hours.</summary>
    [Words("dome aired")]
    DomeAired,
}
