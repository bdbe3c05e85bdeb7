using Gassel.Core.Planning;

namespace Gassel.Web.Features.Season;

/// <param name="From">First day of the season: the winter that is under way, or has just been.</param>
/// <param name="To">Its last day, exclusive.</param>
/// <param name="Frost">A day a week; empty without a record.</param>
/// <param name="Rows">By start. Batches that are done are left out unless they ended within the season.</param>
public sealed record SeasonView(
    DateOnly Today,
    DateOnly From,
    DateOnly To,
    IReadOnlyList<SeasonRow> Rows,
    IReadOnlyList<PlaceOverTime> Space,
    IReadOnlyList<FrostDayShare> Frost
);
