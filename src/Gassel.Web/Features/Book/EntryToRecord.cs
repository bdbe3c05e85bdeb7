using Gassel.Core.Record;

namespace Gassel.Web.Features.Book;

/// <param name="Id">UUID made by the device.</param>
/// <param name="DoneOn">Day at the site; today or earlier.</param>
/// <param name="DoneAt">Moment, where hours matter.</param>
/// <param name="RecordedAt">By the device's clock.</param>
public sealed record EntryToRecord(Guid Id, DateOnly DoneOn, DateTimeOffset? DoneAt, DateTimeOffset RecordedAt, EntryPayload Payload);
