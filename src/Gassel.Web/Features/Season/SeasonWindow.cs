namespace Gassel.Web.Features.Season;

/// <summary>Days on which a batch may begin, both inclusive.</summary>
public sealed record SeasonWindow(DateOnly From, DateOnly To);
