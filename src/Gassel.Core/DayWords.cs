namespace Gassel.Core;

/// <summary>A day as it stands in a sentence: 14 Mar 2027.</summary>
public static class DayWords
{
    public static string Of(DateOnly day) => Quantity.Day(day);
}
