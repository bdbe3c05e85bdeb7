namespace Gassel.Core.Record;

/// <summary>A moment beside the day it belongs to.</summary>
public static class Moments
{
    /// <summary>
    /// True where the moment can be on that day in some time zone: its day in UTC is the day itself, or a neighbour. An entry of another
    /// moment
    /// would be reckoned with far from where it was done.
    /// </summary>
    public static bool Fits(DateTimeOffset moment, DateOnly day) =>
        Math.Abs(DateOnly.FromDateTime(moment.UtcDateTime).DayNumber - day.DayNumber) <= 1;
}
