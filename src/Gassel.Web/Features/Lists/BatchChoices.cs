namespace Gassel.Web.Features.Lists;

/// <summary>By what the batches of this book can be chosen: only what some batch has.</summary>
public sealed record BatchChoices(
    IReadOnlyList<BatchChoice> States,
    IReadOnlyList<BatchChoice> Species,
    IReadOnlyList<BatchChoice> Places,
    IReadOnlyList<BatchChoice> Seasons,
    IReadOnlyList<BatchChoice> Troubles
);
