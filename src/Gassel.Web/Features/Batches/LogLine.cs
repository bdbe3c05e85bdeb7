using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Web.Features.Batches;

/// <summary>A line of the log, newest last.</summary>
/// <param name="Kind">Kind of the entry, as it is sent and kept.</param>
/// <param name="Words">What was done, in a sentence.</param>
/// <param name="Conflict">Why it does not count; null where it does.</param>
/// <param name="Photo">Name of the picture, at <c>/api/photos/NAME</c>; null for other entries.</param>
public sealed record LogLine(
    Guid Id,
    Guid Act,
    DateOnly DoneOn,
    DateTimeOffset RecordedAt,
    string Who,
    EntrySource Source,
    string Kind,
    string Words,
    EntryFate Fate,
    string? Conflict,
    string? Photo
);
