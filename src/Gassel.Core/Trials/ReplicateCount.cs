using Gassel.Core.Germination;

namespace Gassel.Core.Trials;

/// <summary>One replicate as it was counted.</summary>
/// <param name="Counts">Since its own sowing.</param>
public sealed record ReplicateCount(string Label, int Germinated, int Sown, IReadOnlyList<SeedlingCount> Counts);
