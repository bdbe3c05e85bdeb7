using System.Text.Json.Serialization;

namespace Gassel.Core.Record;

public sealed record Note(string? Part, string Text) : EntryPayload;
