namespace Gassel.Core.Climate;

/// <param name="Year">The calendar year in the north; in the south the year in which the season began on 1 July.</param>
/// <param name="LastSpring">Null without such a frost, or where too few days are there to tell.</param>
/// <param name="FirstAutumn">As for spring.</param>
public sealed record FrostYear(int Year, DateOnly? LastSpring, DateOnly? FirstAutumn);
