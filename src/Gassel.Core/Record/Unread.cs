using System.Text.Json.Serialization;

namespace Gassel.Core.Record;

/// <summary>An entry of a kind or version that this program cannot read; kept, and listed as a conflict.</summary>
public sealed record Unread(string Kind, int UnreadVersion, string Json) : EntryPayload
{
    [JsonIgnore]
    public override int Version => UnreadVersion;
}
