using Gassel.Core.Climate;

namespace Gassel.Data.Rows;

/// <summary>A word on a day to come, appended and never changed.</summary>
public sealed class ForecastWordRow
{
    public int Id { get; set; }
    public DateOnly Day { get; set; }
    public double? LowC { get; set; }
    public double? HighC { get; set; }
    public double? GustKmh { get; set; }
    public double? RainMm { get; set; }
    public double? SnowCm { get; set; }

    /// <summary>Unix milliseconds.</summary>
    public long ToldAt { get; set; }
    public ForecastSource Source { get; set; }
    public required string By { get; set; }

    public ForecastWord ToWord() =>
        new(Day, LowC, HighC, GustKmh, RainMm, SnowCm, DateTimeOffset.FromUnixTimeMilliseconds(ToldAt), Source, By);

    public static ForecastWordRow Of(ForecastWord word) =>
        new()
        {
            Day = word.Date,
            LowC = word.LowC,
            HighC = word.HighC,
            GustKmh = word.GustKmh,
            RainMm = word.RainMm,
            SnowCm = word.SnowCm,
            ToldAt = word.ToldAt.ToUnixTimeMilliseconds(),
            Source = word.Source,
            By = word.By,
        };
}
