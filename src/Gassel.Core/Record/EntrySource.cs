namespace Gassel.Core.Record;

/// <summary>How an entry came into the book.</summary>
public enum EntrySource
{
    /// <summary>Recorded on a screen.</summary>
    Hand,

    /// <summary>Read from a file.</summary>
    File,

    /// <summary>Told of a time before the book was kept: nobody watched it here.</summary>
    Told,
}
