namespace Gassel.Core.Planning;

/// <summary>All that a package told of its finished batches, as it is kept.</summary>
public sealed record EvidenceTold(IReadOnlyList<EvidenceResult> Batches);
