using System.Text.Json;
using Gassel.Core.Record;
using Gassel.Data.Rows;

namespace Gassel.Data;

/// <summary>Between an entry and its row. A payload that cannot be read comes back as <see cref="Unread"/>, never as an error.</summary>
public static class EntryCodec
{
    public static EntryRow ToRow(Entry entry, Guid batch, DateTimeOffset receivedAt)
    {
        var json = JsonSerializer.SerializeToNode(entry.Payload, CoreJson.Options)!.AsObject();
        var kind = json["kind"]!.GetValue<string>();
        json.Remove("kind");
        return new()
        {
            Id = entry.Id,
            Act = entry.Act,
            BatchId = batch,
            Kind = kind,
            Version = entry.Payload.Version,
            DoneOn = entry.DoneOn,
            DoneAt = entry.DoneAt?.ToUnixTimeMilliseconds(),
            RecordedAt = entry.RecordedAt.ToUnixTimeMilliseconds(),
            ReceivedAt = receivedAt.ToUnixTimeMilliseconds(),
            Who = entry.Who,
            Source = entry.Source,
            Payload = json.ToJsonString(CoreJson.Options),
        };
    }

    public static Entry FromRow(EntryRow row) => FromRow(row, row.Who, Payload(row));

    internal static Entry FromRow(EntryRow row, string who, EntryPayload payload) =>
        new(
            row.Id,
            row.Sequence,
            row.Act,
            row.DoneOn,
            row.DoneAt is { } at ? DateTimeOffset.FromUnixTimeMilliseconds(at) : null,
            DateTimeOffset.FromUnixTimeMilliseconds(row.RecordedAt),
            who,
            row.Source,
            payload
        );

    internal static EntryPayload Payload(EntryRow row)
    {
        try
        {
            // the kind in front, so that the text is read once; the shelf reads every row of the book
            var rest = row.Payload.AsSpan().TrimStart()[1..].TrimStart();
            var kind = JsonSerializer.Serialize(row.Kind, CoreJson.Options);
            var payload = JsonSerializer.Deserialize<EntryPayload>(
                string.Concat("{\"kind\":", kind, rest is ['}', ..] ? "" : ",", rest),
                CoreJson.Options
            );
            if (payload?.Version == row.Version)
                return payload;
        }
        catch (Exception unreadable)
            when (unreadable is JsonException or InvalidOperationException or NotSupportedException or ArgumentException)
        {
            // falls through: kept as it is and shown as unreadable
        }
        return new Unread(row.Kind, row.Version, row.Payload);
    }
}
