namespace Gassel.Core.Fold;

public enum EntryFate
{
    Counted,
    TakenBack,

    /// <summary>Cannot be true beside what else is recorded; kept, not counted.</summary>
    InConflict,

    /// <summary>A void whose entry has not arrived yet.</summary>
    Held,
}
