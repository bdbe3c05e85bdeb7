namespace Gassel.Data.Rows;

/// <summary>The service that tells the weather to come, one a book, and how it did.</summary>
public sealed class ForecastServiceRow
{
    public int Id { get; set; }

    /// <summary>How it is asked, as JSON; with what its headers say, which is never sent to a screen.</summary>
    public required string Service { get; set; }

    /// <summary>Unix milliseconds; null while it was never asked, so with the others.</summary>
    public long? AskedAt { get; set; }

    /// <summary>When it last told a day that could be used.</summary>
    public long? ToldAt { get; set; }
    public long? NextAt { get; set; }

    /// <summary>Failures in a row.</summary>
    public int Failures { get; set; }

    /// <summary>Why the last question failed; null where it did not.</summary>
    public string? Fault { get; set; }
}
