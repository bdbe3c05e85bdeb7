namespace Gassel.Core.Climate;

/// <summary>How good the forecast of a night's low was at this site: what was told the evening before beside what its own thermometer
/// measured.</summary>
/// <param name="OffK">Measured less foretold, on the mean: below 0 the site is colder, a frost hollow for instance.</param>
/// <param name="MissK">Mean distance of the two.</param>
public sealed record ForecastSkill(int Nights, double OffK, double MissK)
{
    /// <summary>Fewer nights tell nothing (our assumption).</summary>
    public const int LeastNights = 7;

    /// <param name="words">All that was told.</param>
    /// <param name="measured">Days of the site's own thermometer.</param>
    /// <param name="offset">Clock of the site, from UTC.</param>
    /// <returns>Null under <see cref="LeastNights"/>.</returns>
    public static ForecastSkill? Of(IEnumerable<ForecastWord> words, IEnumerable<TemperatureDay> measured, TimeSpan offset)
    {
        var told = LowsToldBefore(words, offset);
        var off = measured
            .Where(d => d.CoveredHours >= SiteWeather.HoursOfADay && told.ContainsKey(d.Date))
            .Select(d => d.MinC - told[d.Date])
            .ToList();
        return off.Count < LeastNights ? null : new(off.Count, off.Average(), off.Average(Math.Abs));
    }

    /// <summary>By day the low, °C, as last told before the day began.</summary>
    public static Dictionary<DateOnly, double> LowsToldBefore(IEnumerable<ForecastWord> words, TimeSpan offset) =>
        words
            .Where(w => w.LowC is not null && w.IsToldBefore(w.Date, offset))
            .GroupBy(w => w.Date)
            .ToDictionary(g => g.Key, g => g.MaxBy(w => w.ToldAt)!.LowC!.Value);

    public string Words =>
        Math.Abs(OffK) < 0.5
            ? $"In {Nights} nights the forecast low missed your own thermometer by {Quantity.Difference(MissK)}, as often above as below."
            : $"In {Nights} nights your yard was {Quantity.Difference(Math.Abs(OffK))} {(OffK < 0 ? "colder" : "warmer")} than the "
                + $"forecast low; it missed by {Quantity.Difference(MissK)} on average.";
}
