using Gassel.Core.Planning;

namespace Gassel.Data;

/// <summary>What the package of another nursery told.</summary>
/// <param name="Nursery">As it calls itself.</param>
/// <param name="WrittenAt">When its package was written; null where it does not say.</param>
public sealed record KeptEvidence(
    Guid Id,
    string Nursery,
    DateTimeOffset? WrittenAt,
    DateTimeOffset ReadAt,
    IReadOnlyList<EvidenceResult> Results
);
