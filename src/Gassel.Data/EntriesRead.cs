using System.Collections.Concurrent;
using Gassel.Core.Record;
using Gassel.Data.Rows;

namespace Gassel.Data;

/// <summary>
/// Reads the rows of a whole book, on several threads. Most checks say the same words: they are read once, and are one object from then on.
/// </summary>
internal sealed class EntriesRead
{
    /// <summary>So many different words are remembered while reading; more are read each by itself.</summary>
    private const int Most = 20_000;

    private readonly ConcurrentDictionary<(string Kind, int Version, string Payload), EntryPayload> _payloads = [];
    private readonly ConcurrentDictionary<string, string> _names = [];

    public Entry Of(EntryRow row)
    {
        var said = (row.Kind, row.Version, row.Payload);
        if (!_payloads.TryGetValue(said, out var payload))
        {
            payload = EntryCodec.Payload(row);
            if (_payloads.Count < Most)
                payload = _payloads.GetOrAdd(said, payload);
        }
        return EntryCodec.FromRow(row, _names.GetOrAdd(row.Who, row.Who), payload);
    }
}
