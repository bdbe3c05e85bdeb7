namespace Gassel.Core.Record;

/// <summary>
/// One thing a grower did or saw. Entries are appended and never changed; everything else is computed from them.
/// </summary>
/// <param name="Id">UUID v7 made by the device; the same id twice is one entry.</param>
/// <param name="Sequence">Given by the server in order of arrival; unique over the book.</param>
/// <param name="Act">Groups the entries of one gesture, which are taken back together.</param>
/// <param name="DoneOn">Day on which it was done, at the site.</param>
/// <param name="DoneAt">Moment, where hours matter; null otherwise.</param>
/// <param name="RecordedAt">Moment of recording by the device's clock, which may be wrong.</param>
public sealed record Entry(
    Guid Id,
    long Sequence,
    Guid Act,
    DateOnly DoneOn,
    DateTimeOffset? DoneAt,
    DateTimeOffset RecordedAt,
    string Who,
    EntrySource Source,
    EntryPayload Payload
);
