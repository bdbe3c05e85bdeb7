using System.Text.Json.Serialization;

namespace Gassel.Core.Record;

/// <summary>Seeds of the part that were cut open; they grow no more and leave the reckoning.</summary>
public sealed record CutTested(string Part, int Full, int Empty, int Rotten) : EntryPayload
{
    [JsonIgnore]
    public int Seeds => Full + Empty + Rotten;
}
