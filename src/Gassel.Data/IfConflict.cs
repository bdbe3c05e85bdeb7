namespace Gassel.Data;

/// <summary>What to do with an entry that cannot be true beside the others.</summary>
public enum IfConflict
{
    /// <summary>Nothing is saved and the grower is told; the default at the bench.</summary>
    Warn,

    /// <summary>It is saved and listed as a conflict: it was done, and comes late from another device.</summary>
    Keep,
}
