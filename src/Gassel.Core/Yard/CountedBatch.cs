using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Core.Yard;

/// <summary>A batch that has come to germination, with what was told of it.</summary>
public sealed record CountedBatch(int Number, BatchPlan Plan, BatchState State, IReadOnlyList<Entry> Entries);
