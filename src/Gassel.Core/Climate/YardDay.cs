namespace Gassel.Core.Climate;

/// <summary>A day of weather at the yard.</summary>
/// <param name="Wet">Rain or wet snow; null where nobody says.</param>
/// <param name="GustKmh">Strongest wind; null where nobody says.</param>
public readonly record struct YardDay(
    DateOnly Date,
    double MinC,
    double MaxC,
    double SnowCm,
    bool? Wet,
    double? GustKmh,
    YardDaySource Source
)
{
    public double MeanC => (MinC + MaxC) / 2;

    public WholeDay ToWholeDay() => new(Date, MinC, MaxC, SnowCm);
}
