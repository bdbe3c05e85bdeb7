namespace Gassel.Core.Due;

/// <summary>A day of the plan on which someone acts.</summary>
/// <param name="Key">Stable for the same act of the same part, whatever its day; unique within the batch.</param>
/// <param name="Alarm">Hours matter on this day.</param>
public sealed record CalendarDay(string Key, DateOnly On, string Words, string Detail, bool Alarm);
