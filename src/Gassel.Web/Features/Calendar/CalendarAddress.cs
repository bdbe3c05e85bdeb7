namespace Gassel.Web.Features.Calendar;

/// <param name="Path">Of the feed on this program's address; null while there is none.</param>
public sealed record CalendarAddress(string? Path);
