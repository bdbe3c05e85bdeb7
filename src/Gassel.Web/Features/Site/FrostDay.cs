namespace Gassel.Web.Features.Site;

/// <summary>A day of the year that a plan may be measured from.</summary>
/// <param name="MonthDay"><c>MM-dd</c>.</param>
/// <param name="Words">What it rests on.</param>
public sealed record FrostDay(FrostDayKind Kind, string MonthDay, string Words);
