namespace Gassel.Core.Yard;

/// <summary>
/// How far the days to set out may be off, as far as the numbers of the container model may be, nine times in ten: each number alone to
/// both of its ends through all winters, and the days that moves added as squares (law of propagation of uncertainty, JCGM 100:2008).
/// </summary>
/// <param name="Latest">Between which days the last day with enough cold lies; null where there is none.</param>
/// <param name="HalfUp">Between which days half is up in half of the springs, for seed that goes out on the first of the days; null where
/// the springs are too few.</param>
public sealed record SetOutRange(SetOutWindow? Latest, SetOutWindow? HalfUp, string Words)
{
    /// <param name="runs">With the numbers as they are.</param>
    /// <param name="told">What was told by them.</param>
    /// <param name="doubtful">The numbers of the model with one at either end, each in turn.</param>
    /// <param name="dates">Days of one winter, in order.</param>
    /// <param name="times">So many times as wide as that makes it.</param>
    public static SetOutRange Of(
        SetOutNeed need,
        WinterRuns runs,
        SetOutResult told,
        IReadOnlyList<(ContainerParameters Less, ContainerParameters More)> doubtful,
        IReadOnlyList<DateOnly> dates,
        double times = 1,
        CancellationToken cancel = default
    )
    {
        if (told.Window is not { } window)
            return new(null, null, "No day has enough cold, so there is none that could be off.");
        // day by day, or what moves by less than the days told are apart would be lost
        List<DateOnly> every = [.. Enumerable.Range(0, dates[^1].DayNumber - dates[0].DayNumber + 1).Select(dates[0].AddDays)];
        var usual = Ask(runs);
        var ends = new (Asked Less, Asked More)[doubtful.Count];
        Parallel.For(0, ends.Length, new ParallelOptions { MaxDegreeOfParallelism = 2, CancellationToken = cancel }, i =>
            ends[i] = (Ask(runs.With(doubtful[i].Less)), Ask(runs.With(doubtful[i].More)))
        );
        var last = Around(ends, a => a.Last - usual.Last, times);
        var up = Around(ends, a => a.HalfUp - usual.HalfUp ?? 0, times);
        var latest = Moved(DateOnly.FromDayNumber(usual.Last), last);
        // the days told are weeks apart; of all days the last may be one between two of them
        latest = latest with { Earliest = window.Latest < latest.Earliest ? window.Latest : latest.Earliest };
        var spring = told.Dates.First(d => d.Date == window.Earliest).Emergence;
        SetOutWindow? halfUp = spring is null ? null : Moved(spring.MiddleAfter(window.Earliest), up);
        return new(latest, halfUp, Say(window, latest, halfUp));

        Asked Ask(WinterRuns of)
        {
            var result = of.For(need, every, cancel: cancel);
            return new(
                (result.Window?.Latest ?? every[0].AddDays(-1)).DayNumber,
                result.Dates[window.Earliest.DayNumber - every[0].DayNumber].Emergence?.P50Offset
            );
        }
    }

    /// <param name="Last">Number of the last day with enough cold.</param>
    /// <param name="HalfUp">Days since the first day of spring.</param>
    private readonly record struct Asked(int Last, double? HalfUp);

    /// <summary>Days downwards and upwards.</summary>
    private static (int Down, int Up) Around((Asked Less, Asked More)[] ends, Func<Asked, double> moves, double times)
    {
        var added = new AddedAsSquares();
        foreach (var (less, more) in ends)
            added.Add(moves(less), moves(more));
        return ((int)Math.Ceiling(times * added.Down), (int)Math.Ceiling(times * added.Up));
    }

    private static SetOutWindow Moved(DateOnly day, (int Down, int Up) by) => new(day.AddDays(-by.Down), day.AddDays(by.Up));

    private static string Say(SetOutWindow window, SetOutWindow latest, SetOutWindow? halfUp)
    {
        var last =
            latest.Earliest == latest.Latest
                ? "the last of these days stays what it is"
                : $"the last of these days lies between {Short(latest.Earliest)} and {Short(latest.Latest)}";
        var first =
            halfUp is { } up && up.Earliest != up.Latest
                ? $"; out {Short(window.Earliest)}, a middling spring has half up between {Short(up.Earliest)} and {Short(up.Latest)}"
                : "";
        return $"As far as the numbers of the model may be off, {last}{first}.";
    }

    private static string Short(DateOnly day) => Quantity.DayOfYear(day);
}
