namespace Gassel.Core.Climate;

/// <summary>
/// When the ground begins to freeze, by the air alone: the first day from autumn on of which the mean over the last 14 days is at or below
/// 0 °C (our assumption, not checked against soil readings; ground under snow or mulch freezes later).
/// </summary>
public static class GroundFreeze
{
    public const int MeanOverDays = 14;
    private const double LeastShare = 0.9;

    /// <param name="daily">Any order, each day once.</param>
    /// <param name="latitude">The equator counts as north.</param>
    public static GroundFreezeResult From(IReadOnlyList<DailyTemperature> daily, double latitude)
    {
        var south = latitude < 0;
        var means = daily.Where(d => d.MeanC is not null).ToDictionary(d => d.Date, d => d.MeanC!.Value);
        var years = means.Keys.Select(d => d.Year).Distinct().Order().Select(y => Winter(y, means, south)).OfType<FreezeYear>().ToList();
        var offsets = years
            .Where(y => y.On is not null)
            .Select(y => y.On!.Value.DayNumber - new DateOnly(y.Year, 1, 1).DayNumber)
            .Order()
            .ToList();
        string? At(double share) => offsets.Count == 0 ? null : SeasonDays.Calendar(SeasonDays.Quantile(offsets, share), south: false);
        return new(
            years,
            At(0.1),
            At(0.5),
            years.Count,
            years.Count - offsets.Count,
            [
                Text.Of(
                    $"Ground taken to freeze on the first day {(south ? "from 1 March" : "from 1 September")} with a "
                        + $"mean of the last {MeanOverDays} days at or below {RuleOfThumb.Freezing} (our assumption)."
                ),
                Text.Of(
                    $"{years.Count} winters with at least 90 % of their days; {years.Count - offsets.Count} did not "
                        + $"freeze by this rule. Ground under snow or mulch freezes later."
                ),
            ]
        );
    }

    /// <summary>The winter that begins in the year; null where too few of its days are there.</summary>
    private static FreezeYear? Winter(int year, Dictionary<DateOnly, double> means, bool south)
    {
        var (from, to) = south
            ? (new DateOnly(year, 3, 1), new DateOnly(year, 8, 31))
            : (new DateOnly(year, 9, 1), new DateOnly(year + 1, 2, 28));
        var days = to.DayNumber - from.DayNumber + 1;
        if (Enumerable.Range(0, days).Count(i => means.ContainsKey(from.AddDays(i))) < LeastShare * days)
            return null;
        for (var day = from.AddDays(MeanOverDays - 1); day <= to; day = day.AddDays(1))
        {
            var last = Enumerable
                .Range(0, MeanOverDays)
                .Select(i => day.AddDays(-i))
                .Where(means.ContainsKey)
                .Select(d => means[d])
                .ToList();
            if (last.Count >= LeastShare * MeanOverDays && last.Average() <= 0)
                return new(year, day);
        }
        return new(year, null);
    }
}
