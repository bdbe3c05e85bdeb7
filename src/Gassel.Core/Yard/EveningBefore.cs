using Gassel.Core.Climate;

namespace Gassel.Core.Yard;

/// <summary>The weather around a day as the evening before knew it: of the days before what was known, ahead what was told.</summary>
public static class EveningBefore
{
    /// <summary>Null where nobody told the day before it began.</summary>
    /// <param name="from">First day of interest; at most <see cref="InsideDays.DaysBefore"/> before the day are taken.</param>
    /// <param name="known">Days of the site, in order.</param>
    /// <param name="words">All that was told.</param>
    /// <param name="offset">Clock of the site, from UTC.</param>
    /// <param name="offsetK">The site against what is told.</param>
    public static IReadOnlyList<ContainerHour>? Of(
        DateOnly day,
        DateOnly from,
        IEnumerable<YardDay> known,
        IEnumerable<ForecastWord> words,
        double latitude,
        TimeSpan offset,
        double offsetK
    )
    {
        var midnight = new DateTimeOffset(day.ToDateTime(TimeOnly.MinValue), offset);
        // the day after tells how the evening of the day falls
        var told = Forecast
            .Of(words.Where(w => w.Date >= day && w.Date <= day.AddDays(1) && w.IsToldBefore(day, offset)), midnight)
            .ToServiceDays();
        if (told.Count == 0 || told[0].Date != day)
            return null;
        var earliest = day.AddDays(-InsideDays.DaysBefore);
        return ContainerHours.FromDays(
            [
                .. known.Where(d => d.Date >= earliest && d.Date >= from && d.Date < day).Select(d => d.ToWholeDay()),
                .. told.Select(d => new WholeDay(d.Date, d.MinC + offsetK, d.MaxC + offsetK, d.SnowCm)),
            ],
            latitude,
            offset
        );
    }
}
