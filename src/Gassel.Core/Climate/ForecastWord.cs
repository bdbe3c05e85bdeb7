namespace Gassel.Core.Climate;

/// <summary>What was foretold of one day, and when. Facts; the newest word on a day wins, the older ones stay.</summary>
/// <param name="LowC">Of the night that ends on the day; null where nobody said. So with the others.</param>
/// <param name="GustKmh">Strongest wind.</param>
/// <param name="SnowCm">Depth on the ground.</param>
/// <param name="By">Who typed it, or the name of the service.</param>
public sealed record ForecastWord(
    DateOnly Date,
    double? LowC,
    double? HighC,
    double? GustKmh,
    double? RainMm,
    double? SnowCm,
    DateTimeOffset ToldAt,
    ForecastSource Source,
    string By
)
{
    /// <summary>Told before a day began.</summary>
    /// <param name="offset">Clock of the site, from UTC.</param>
    public bool IsToldBefore(DateOnly day, TimeSpan offset) => DateOnly.FromDateTime(ToldAt.ToOffset(offset).DateTime) < day;

    /// <summary>This word over an older one on the same day: what it does not say stays.</summary>
    public ForecastWord Over(ForecastWord older) =>
        this with
        {
            LowC = LowC ?? (HighC < older.LowC ? null : older.LowC),
            HighC = HighC ?? (LowC > older.HighC ? null : older.HighC),
            GustKmh = GustKmh ?? older.GustKmh,
            RainMm = RainMm ?? older.RainMm,
            SnowCm = SnowCm ?? older.SnowCm,
        };
}
