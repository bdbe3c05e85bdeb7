namespace Gassel.Core.Climate;

/// <summary>At most two missing days are taken between their neighbours; with more nothing is said of what follows.</summary>
public static class WeatherFilling
{
    public const int MostDays = 2;

    /// <param name="daily">In order, each day once; missing values and missing days alike are gaps. Snow that nobody measured is
    /// none.</param>
    public static FilledWeather Of(IEnumerable<DailyTemperature> daily)
    {
        var days = new List<WholeDay>();
        var filled = new List<DayGap>();
        foreach (var day in daily)
        {
            if (day is not { MinC: { } min, MaxC: { } max })
                continue;
            var made = new WholeDay(day.Date, min, max, day.SnowCm ?? 0);
            if (days.Count > 0 && days[^1] is var last && last.Date.AddDays(1) < made.Date)
            {
                var gap = new DayGap(last.Date.AddDays(1), made.Date.AddDays(-1));
                var missing = gap.To.DayNumber - gap.From.DayNumber + 1;
                if (missing > MostDays)
                    return new(days, filled, gap);
                filled.Add(gap);
                for (var i = 1; i <= missing; i++)
                {
                    var share = i / (missing + 1.0);
                    double Between(double from, double to) => from + ((to - from) * share);
                    days.Add(
                        new(
                            last.Date.AddDays(i),
                            Between(last.MinC, made.MinC),
                            Between(last.MaxC, made.MaxC),
                            Between(last.SnowCm, made.SnowCm)
                        )
                    );
                }
            }
            days.Add(made);
        }
        return new(days, filled, null);
    }
}
