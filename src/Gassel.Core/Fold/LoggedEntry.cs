using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>A line of the log: the entry and what became of it.</summary>
public sealed record LoggedEntry(Entry Entry, EntryFate Fate, Conflict? Conflict);
