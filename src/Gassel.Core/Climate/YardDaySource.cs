namespace Gassel.Core.Climate;

/// <summary>What a day of the yard's weather rests on.</summary>
public enum YardDaySource
{
    /// <summary>Recorded, by the yard's own thermometer or in the weather record.</summary>
    [Words("on record")]
    Recorded,

    [Words("forecast")]
    Outlook,

    /// <summary>Past the outlook: the mean of the same day over the years on record.</summary>
    [Words("mean of the years on record")]
    Typical,
}
