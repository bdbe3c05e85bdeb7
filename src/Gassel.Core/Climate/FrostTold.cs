namespace Gassel.Core.Climate;

/// <summary>Whether it was told that it would freeze on a day, and whether it did.</summary>
/// <param name="Batch">Number of the batch in whose container; null for the site.</param>
public sealed record FrostTold(DateOnly Date, bool Told, bool Came, int? Batch = null)
{
    /// <summary>Nights of a site of which the evening before told the low, and its own thermometers measured it.</summary>
    /// <param name="words">All that was told.</param>
    /// <param name="measured">Days of the site's own thermometers.</param>
    /// <param name="offset">Clock of the site, from UTC.</param>
    /// <param name="offsetK">What the site is taken to be colder or warmer than the forecast.</param>
    public static IReadOnlyList<FrostTold> Of(
        IEnumerable<ForecastWord> words,
        IEnumerable<TemperatureDay> measured,
        TimeSpan offset,
        double offsetK
    )
    {
        var told = ForecastSkill.LowsToldBefore(words, offset);
        return
        [
            .. from day in measured
            where day.CoveredHours >= SiteWeather.HoursOfADay && told.ContainsKey(day.Date)
            // of several thermometers the coldest
            group day.MinC by day.Date into night
            orderby night.Key
            select new FrostTold(night.Key, told[night.Key] + offsetK <= 0, night.Min() <= 0),
        ];
    }
}
