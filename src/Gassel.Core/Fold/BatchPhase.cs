namespace Gassel.Core.Fold;

/// <summary>How far a batch is, in order.</summary>
public enum BatchPhase
{
    [Words("planned")]
    Planned,

    /// <summary>Soaked, cold, warm: before its sowing.</summary>
    [Words("in treatment")]
    InTreatment,

    /// <summary>Seed is sown and none of its plants was moved on.</summary>
    [Words("sown")]
    Sown,

    /// <summary>Some of its plants are pricked out, potted or planted.</summary>
    [Words("growing on")]
    GrowingOn,

    /// <summary>Nothing more is to come.</summary>
    [Words("finished")]
    Finished,

    [Words("books closed")]
    Closed,
}
