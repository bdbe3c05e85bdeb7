namespace Gassel.Core.Record;

/// <summary>How often a grower looks round a place (schools of the trade; common practice, no source).</summary>
public enum LookPace
{
    [Words("morning and evening")]
    TwiceADay,

    [Words("once a day")]
    Daily,

    [Words("every second day")]
    EverySecondDay,

    [Words("once a week")]
    Weekly,
}
