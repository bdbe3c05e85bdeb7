namespace Gassel.Core.Record;

/// <summary>The children hold every seed of the parent, and every sprout.</summary>
public sealed record Split(string Part, IReadOnlyList<SplitChild> Children) : EntryPayload;
