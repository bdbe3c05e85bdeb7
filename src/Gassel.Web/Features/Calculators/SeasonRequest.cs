using Gassel.Core.Planning;

namespace Gassel.Web.Features.Calculators;

/// <summary>Wishes and shelves, without a book.</summary>
/// <param name="From">No wish starts before it.</param>
/// <param name="To">Or after it.</param>
/// <param name="Seconds">Time to look for a better plan, 1 to 60; 10 if left out.</param>
public sealed record SeasonRequest(
    DateOnly From,
    DateOnly To,
    IReadOnlyList<SeasonPlace> Places,
    IReadOnlyList<SeasonWish> Wishes,
    double? Seconds = null
);
