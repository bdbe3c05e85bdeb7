namespace Gassel.Data.Rows;

/// <summary>A message that was made, with what became of it.</summary>
public sealed class SentMessageRow
{
    public int Id { get; set; }
    public int WishId { get; set; }
    public required string Mail { get; set; }

    /// <summary>Trouble, morning list or test it is about.</summary>
    public required string Key { get; set; }

    /// <summary>Name of the kind of alarm; empty for the morning list and a test.</summary>
    public required string Kind { get; set; }
    public double BadnessK { get; set; }
    public bool IsOver { get; set; }

    /// <summary>Each thing that an alarm is about, parted by a space; null where it is one.</summary>
    public string? About { get; set; }
    public required string Reason { get; set; }
    public required string Subject { get; set; }
    public required string Text { get; set; }

    /// <summary>Unix milliseconds; so with the others.</summary>
    public long MadeAt { get; set; }

    /// <summary>Null until the server has taken it.</summary>
    public long? SentAt { get; set; }
    public int Tries { get; set; }
    public long NextTryAt { get; set; }

    /// <summary>Why the last try failed; null where it did not.</summary>
    public string? Fault { get; set; }
}
