namespace Gassel.Core.Climate;

/// <summary>In which order the parts of a date stand.</summary>
public enum DayOrder
{
    YearFirst,
    DayFirst,
    MonthFirst,
}
