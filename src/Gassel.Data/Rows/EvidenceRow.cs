namespace Gassel.Data.Rows;

/// <summary>What the package of another nursery told of its finished batches.</summary>
public sealed class EvidenceRow
{
    public Guid Id { get; set; }

    /// <summary>As it calls itself.</summary>
    public required string Nursery { get; set; }

    /// <summary>Unix milliseconds at which its package was written; null where it does not say.</summary>
    public long? WrittenAt { get; set; }

    /// <summary>Unix milliseconds at which it was read.</summary>
    public long ReadAt { get; set; }

    /// <summary>Its results as JSON.</summary>
    public required string Results { get; set; }
}
