using Gassel.Core.Diagnosis;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Book;

/// <param name="Id">UUID made by the device.</param>
/// <param name="DoneOn">Day at the site; today or earlier.</param>
/// <param name="DoneAt">Moment, where hours matter.</param>
/// <param name="RecordedAt">By the device's clock.</param>
public sealed record EntryToRecord(Guid Id, DateOnly DoneOn, DateTimeOffset? DoneAt, DateTimeOffset RecordedAt, EntryPayload Payload);
