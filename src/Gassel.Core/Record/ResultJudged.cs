namespace Gassel.Core.Record;

/// <summary>Whether the result of the batch teaches what its route does. Unsaid, it does unless an accident is on record.</summary>
/// <param name="Teaches">False to leave it out; true to let it in in spite of an accident.</param>
/// <param name="Why">Null where the grower gives no reason.</param>
public sealed record ResultJudged(bool Teaches, string? Why = null) : EntryPayload;
