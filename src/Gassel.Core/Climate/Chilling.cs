using System.Globalization;
using Gassel.Core.Treatments;

namespace Gassel.Core.Climate;

/// <summary>Cold that counts, from daily ranges or from readings.</summary>
public static class Chilling
{
    /// <summary>So many days too warm, before the need is met, may undo what was gained (common practice, no source).</summary>
    public const int WarmDaysThatUndo = 3;

    /// <summary>A day with a mean above this is warm, °C (common practice, no source).</summary>
    public const double WarmAboveC = 15;

    /// <summary>A day of which less is known is not called warm.</summary>
    private const double HoursToJudge = 12;

    /// <param name="daily">Strictly increasing, at least one; missing days are gaps of 24 h.</param>
    /// <param name="need">Days of cold by weight; warm spells after it is met undo nothing. Null: all are listed.</param>
    public static ChillingResult FromDaily(IReadOnlyList<ChillingDay> daily, ColdResponse response, double? need = null)
    {
        var gaps = new List<ChillingGap>();
        foreach (var (a, b) in daily.Zip(daily.Skip(1)))
        {
            if (b.Date.DayNumber - a.Date.DayNumber is > 1 and var days)
                gaps.Add(new(Iso(a.Date.AddDays(1)), Iso(b.Date.AddDays(-1)), 24.0 * (days - 1)));
        }
        return Tell(
            [.. daily.Select(d => (TemperatureDay.FromRange(d.Date, d.MinC, d.MaxC, response), d.Moist))],
            gaps,
            response,
            need,
            "Each day as one sine between its minimum and maximum (Baskerville & Emin 1969)."
        );
    }

    /// <param name="readings">Strictly increasing, at least one.</param>
    /// <param name="offset">Days are cut at midnight of this offset.</param>
    public static ChillingResult FromReadings(
        IReadOnlyList<TemperatureReading> readings,
        ColdResponse response,
        TimeSpan offset,
        double? need = null
    )
    {
        var read = ReadingDays.Of(readings, response, DayBounds.Of(offset));
        string Instant(long ms) =>
            DateTimeOffset.FromUnixTimeMilliseconds(ms).ToOffset(offset).ToString("yyyy-MM-dd'T'HH:mm:sszzz", CultureInfo.InvariantCulture);
        return Tell(
            [.. read.Days.Select(d => (d, true))],
            [.. read.Gaps.Select(g => new ChillingGap(Instant(g.FromUnixMs), Instant(g.ToUnixMs), g.Hours))],
            response,
            need,
            Text.Of($"Straight lines between {readings.Count} readings; gaps of more than {ReadingDays.LongestGapHours:0} h are left out.")
        );
    }

    /// <summary>Runs of warm days before the need is met.</summary>
    /// <param name="days">In order; a missing day ends a run.</param>
    /// <param name="met">Whether the need is met by the days up to and with this one.</param>
    public static IReadOnlyList<Interruption> Interruptions(IReadOnlyList<TemperatureDay> days, Func<int, bool> met)
    {
        var found = new List<Interruption>();
        for (var i = 0; i < days.Count; i++)
        {
            if (!IsWarm(days[i]))
                continue;
            var first = i;
            while (i + 1 < days.Count && IsWarm(days[i + 1]) && days[i + 1].Date == days[i].Date.AddDays(1))
                i++;
            if (i - first + 1 >= WarmDaysThatUndo && !(first > 0 && met(first - 1)))
            {
                found.Add(new(days[first].Date, days[i].Date, i - first + 1, days.Skip(first).Take(i - first + 1).Average(d => d.MeanC)));
            }
        }
        return found;
    }

    private static bool IsWarm(TemperatureDay day) => day.MeanC > WarmAboveC && day.CoveredHours >= HoursToJudge;

    private static ChillingResult Tell(
        List<(TemperatureDay Day, bool Moist)> days,
        List<ChillingGap> gaps,
        ColdResponse response,
        double? need,
        string how
    )
    {
        var moist = days.Where(d => d.Moist).Select(d => d.Day).ToList();
        var effective = moist.Sum(d => d.Effective);
        var sums = new double[days.Count];
        for (var i = 0; i < days.Count; i++)
            sums[i] = (i > 0 ? sums[i - 1] : 0) + (days[i].Moist ? days[i].Day.Effective : 0);
        var interruptions = Interruptions([.. days.Select(d => d.Day)], i => sums[i] >= need);
        var range =
            interruptions.Count == 0
                ? null
                : new EffectiveRange(days.Where(d => d.Moist && d.Day.Date > interruptions[^1].To).Sum(d => d.Day.Effective), effective);
        var working = new List<string>
        {
            how,
            $"Response: {response.Told()}; the shape is an assumption.",
            Text.Of(
                $"By weight {effective:0.##} days, {moist.Sum(d => d.ChillHours):0.#} hours "
                    + $"{RuleOfThumb.ChillingBand}, {moist.Sum(d => d.CoveredHours) / 24:0.##} days by the calendar."
            ),
        };
        if (days.Count > moist.Count)
            working.Add($"{days.Count - moist.Count} days on which the seed was not moist are left out: dry seed gains nothing.");
        if (gaps.Count > 0)
            working.Add(Text.Of($"{gaps.Count} gaps, {gaps.Sum(g => g.Hours):0.#} h in all, are left out."));
        foreach (var warm in interruptions)
            working.Add(
                Text.Of(
                    $"{Quantity.Day(warm.From)} to {Quantity.Day(warm.To)}: {warm.Days} days above {Quantity.WholeDegrees(WarmAboveC)} may "
                        + $"have undone the cold before them."
                )
            );
        return new(
            moist.Sum(d => d.CoveredHours) / 24,
            moist.Sum(d => d.ChillHours),
            effective,
            days.Count - moist.Count,
            gaps.Sum(g => g.Hours),
            gaps,
            interruptions,
            range,
            [.. days.Select(d => new ChilledDay(d.Day.Date, d.Moist ? d.Day.Effective : 0, d.Moist, d.Day.Effective, d.Day.MeanC))],
            working
        );
    }

    private static string Iso(DateOnly day) => day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
}
