namespace Gassel.Core.Climate;

/// <summary>A time without temperatures inside a run: nothing was added in it, so that what comes up may be earlier than told.</summary>
/// <param name="From">Inclusive.</param>
/// <param name="To">Inclusive for days, the next reading for readings.</param>
public sealed record EmergenceGap(DateTimeOffset From, DateTimeOffset To, double Hours)
{
    /// <summary>Missing days between the first that counts and the last.</summary>
    /// <param name="days">Strictly increasing.</param>
    public static IReadOnlyList<EmergenceGap> Of(IReadOnlyList<DateOnly> days, DateOnly from)
    {
        var gaps = new List<EmergenceGap>();
        var before = from.AddDays(-1);
        foreach (var day in days.Where(d => d >= from))
        {
            var missing = day.DayNumber - before.DayNumber - 1;
            if (missing > 0)
                gaps.Add(new(At(before.AddDays(1)), At(day.AddDays(-1)), missing * 24));
            before = day;
        }
        return gaps;

        static DateTimeOffset At(DateOnly day) => new(day.ToDateTime(TimeOnly.MinValue), TimeSpan.Zero);
    }

    /// <summary>Gaps between readings that are left out whole.</summary>
    /// <param name="readings">Strictly increasing.</param>
    public static IReadOnlyList<EmergenceGap> Of(IReadOnlyList<DateTimeOffset> readings) =>
        [
            .. readings
                .Zip(readings.Skip(1))
                .Where(p => (p.Second - p.First).TotalHours > ReadingDays.LongestGapHours)
                .Select(p => new EmergenceGap(p.First, p.Second, (p.Second - p.First).TotalHours)),
        ];
}
