namespace Gassel.Data.Rows;

/// <summary>Where readings come from.</summary>
public enum ReadingSource
{
    /// <summary>A probe that the program asks itself.</summary>
    Probe,

    /// <summary>A logger's file.</summary>
    File,
}
