namespace Gassel.Data.Rows;

/// <summary>Where readings come from.</summary>
public enum ReadingSource
{
    /// <summary>A simulated probe that the program asks itself; nothing of it counts in a real book.</summary>
    Probe,

    /// <summary>A logger's file.</summary>
    File,

    /// <summary>A thermometer that sends by itself.</summary>
    Sent,
}
