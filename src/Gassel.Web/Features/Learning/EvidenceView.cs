namespace Gassel.Web.Features.Learning;

/// <summary>A nursery whose finished batches teach beside one's own.</summary>
/// <param name="WrittenAt">When its package was written; null where it does not say.</param>
/// <param name="Species">Of the library here, of which it has a batch.</param>
/// <param name="Unknown">Its batches of species that the library here does not have.</param>
public sealed record EvidenceView(
    Guid Id,
    string Nursery,
    DateTimeOffset? WrittenAt,
    DateTimeOffset ReadAt,
    int Batches,
    int Species,
    int Unknown
);
