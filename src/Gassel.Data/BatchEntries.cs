using Gassel.Core.Record;

namespace Gassel.Data;

/// <summary>What one gesture says of one batch.</summary>
public sealed record BatchEntries(Guid Batch, IReadOnlyList<Entry> Entries);
