using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Web.Features.Batches;

/// <summary>A line of the log, newest last.</summary>
/// <param name="Words">What was done, in a sentence.</param>
/// <param name="Conflict">Why it does not count; null where it does.</param>
public sealed record LogLine(
    Guid Id,
    Guid Act,
    DateOnly DoneOn,
    DateTimeOffset RecordedAt,
    string Who,
    EntrySource Source,
    string Words,
    EntryFate Fate,
    string? Conflict
);
