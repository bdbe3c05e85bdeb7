using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Data;

public abstract record RecordingResult
{
    /// <param name="Batches">As they are now, in the order of the request.</param>
    public sealed record Recorded(IReadOnlyList<ShelvedBatch> Batches) : RecordingResult
    {
        public ShelvedBatch Batch => Batches[0];
    }

    /// <param name="Batch">The first in which something does not fit.</param>
    /// <param name="Chain">Where an entry is taken back on which others stand: all that would have to go with it.</param>
    public sealed record Warned(Guid Batch, IReadOnlyList<Conflict> Conflicts, IReadOnlyList<Entry> Chain) : RecordingResult;

    public sealed record NoSuchBatch(Guid Batch) : RecordingResult;

    /// <param name="Id">Of an entry that is in the book already, of another batch or as another word.</param>
    public sealed record IdTaken(Guid Id) : RecordingResult;

    /// <param name="Id">An entry to take back that this batch does not hold.</param>
    public sealed record NoSuchEntry(Guid Id) : RecordingResult;
}
