namespace Gassel.Core.Climate;

/// <summary>In which order the parts of a date stand.</summary>
public enum DayOrder
{
    [Words("year first")]
    YearFirst,

    [Words("day first")]
    DayFirst,

    [Words("month first")]
    MonthFirst,
}
