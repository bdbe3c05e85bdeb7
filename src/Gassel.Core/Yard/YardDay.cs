namespace Gassel.Core.Yard;

/// <summary>What a day of the yard's weather rests on.</summary>
public enum YardDaySource
{
    /// <summary>Recorded, by the yard's own thermometer or in the weather record.</summary>
    Recorded,
    Outlook,

    /// <summary>Past the outlook: the mean of the same day over the years on record.</summary>
    Typical,
}

/// <summary>A day of weather at the yard.</summary>
/// <param name="Wet">Rain or wet snow; null where nobody says.</param>
/// <param name="GustKmh">Strongest wind; null where nobody says.</param>
public readonly record struct YardDay(DateOnly Date, double MinC, double MaxC, double SnowCm, bool? Wet, double? GustKmh, YardDaySource Source)
{
    public double MeanC => (MinC + MaxC) / 2;

    public WholeDay ToWholeDay() => new(Date, MinC, MaxC, SnowCm);
}
