namespace Gassel.Core.Record;

/// <param name="Emerged">New seedlings since the last count.</param>
/// <param name="Lost">Seedlings lost since the last count.</param>
/// <param name="Rooted">Seeds newly seen with a root; for kinds that root one season and shoot the next.</param>
/// <param name="Spots">The same by cell or by row, adding up to the whole; null where only the whole was counted.</param>
public sealed record Count(
    string Part,
    int Emerged,
    int Lost,
    LossCause Cause = LossCause.Unknown,
    int Rooted = 0,
    IReadOnlyList<CountSpot>? Spots = null
) : EntryPayload;
