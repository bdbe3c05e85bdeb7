using Gassel.Core.Fold;

namespace Gassel.Web.Features.Batches;

/// <summary>A batch in a list.</summary>
/// <param name="Status">Where it stands, in a few words.</param>
/// <param name="InTrouble">True where a place hurts seed of it now: too warm, frozen, or hot.</param>
public sealed record BatchSummary(
    Guid Id,
    int Number,
    string SpeciesId,
    string CommonName,
    string ScientificName,
    int LotId,
    string Status,
    int Seeds,
    int Germinated,
    int Standing,
    int Conflicts,
    DateOnly Start,
    DateOnly Finish,
    IReadOnlyList<RibbonStretch> Ribbon,
    bool InTrouble,
    string? Name,
    DateOnly? DiscardedOn
);
