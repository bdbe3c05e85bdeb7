namespace Gassel.Web.Features.Lists;

/// <summary>Some of the batches that were asked for.</summary>
/// <param name="Today">At the site.</param>
/// <param name="All">Batches of the book.</param>
/// <param name="Found">Of these, batches that fit the question.</param>
/// <param name="From">Of these, left out before the first one here.</param>
/// <param name="Numbers">Of all that fit, in order, whether told here or not; empty past the first page.</param>
public sealed record BatchPage(
    DateOnly Today,
    int All,
    int Found,
    BatchOrder Order,
    int From,
    IReadOnlyList<BatchLine> Lines,
    IReadOnlyList<int> Numbers,
    BatchChoices Choices
);
