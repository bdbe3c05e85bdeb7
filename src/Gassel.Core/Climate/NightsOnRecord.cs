namespace Gassel.Core.Climate;

/// <summary>What the coming nights were like in the years on record: all that is known where nobody tells a forecast.</summary>
/// <param name="Years">With all of those nights on record.</param>
/// <param name="Froze">Of them, with a night at or below 0 °C.</param>
/// <param name="ColdestC">Of all these nights.</param>
public sealed record NightsOnRecord(int Nights, int Years, int Froze, double ColdestC)
{
    /// <param name="record">Of the site.</param>
    /// <param name="offsetK">The site against the station.</param>
    /// <returns>Null where no year has them all.</returns>
    public static NightsOnRecord? Of(IReadOnlyList<DailyTemperature> record, DateOnly today, int nights, double offsetK)
    {
        var lows = record.Where(d => d.MinC is not null).ToDictionary(d => d.Date, d => d.MinC!.Value + offsetK);
        var years = new List<double>();
        foreach (var year in lows.Keys.Select(d => d.Year).Distinct())
        {
            var from = new DateOnly(year, today.Month, Math.Min(today.Day, DateTime.DaysInMonth(year, today.Month)));
            if (from >= today)
                continue;
            var own = Enumerable.Range(1, nights).Select(i => from.AddDays(i)).Where(lows.ContainsKey).Select(d => lows[d]).ToList();
            if (own.Count == nights)
                years.Add(own.Min());
        }
        return years.Count == 0 ? null : new(nights, years.Count, years.Count(c => c <= 0), years.Min());
    }

    public string Words =>
        $"On record: frost within the next {Nights} nights in {Froze} of {Years} {(Years == 1 ? "year" : "years")}, down to "
        + $"{Quantity.WholeDegrees(ColdestC)}.";
}
