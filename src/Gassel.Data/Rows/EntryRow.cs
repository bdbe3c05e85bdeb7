using Gassel.Core.Record;

namespace Gassel.Data.Rows;

/// <summary>
/// One row an entry, appended only. The one table that cannot be reshaped later: what an entry says is JSON by kind and version.
/// </summary>
public sealed class EntryRow
{
    /// <summary>Given by the database in order of arrival.</summary>
    public long Sequence { get; set; }
    public Guid Id { get; set; }
    public Guid Act { get; set; }
    public Guid BatchId { get; set; }
    public required string Kind { get; set; }
    public int Version { get; set; }
    public DateOnly DoneOn { get; set; }

    /// <summary>Unix milliseconds; null where only the day is known.</summary>
    public long? DoneAt { get; set; }

    /// <summary>Unix milliseconds by the device.</summary>
    public long RecordedAt { get; set; }

    /// <summary>Unix milliseconds by the server.</summary>
    public long ReceivedAt { get; set; }
    public required string Who { get; set; }
    public EntrySource Source { get; set; }
    public required string Payload { get; set; }
}
