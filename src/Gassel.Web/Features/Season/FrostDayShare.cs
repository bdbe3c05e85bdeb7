namespace Gassel.Web.Features.Season;

/// <param name="Share">Of the years in which frost was still to come on the day in spring, or had come by it in autumn.</param>
public sealed record FrostDayShare(DateOnly Day, double Share);
