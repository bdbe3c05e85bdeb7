using Gassel.Core.Germination;
using Gassel.Core.Record;
using Gassel.Core.Yard;

namespace Gassel.Core.Tests.Yard;

/// <summary>What was told of a container beside a thermometer in it: containers with numbers drawn from the plausible range.</summary>
public class InsideDaysTests
{
    private static readonly ContainerParameters Jug = ContainerParameters.Of(ContainerPreset.Jug4);
    private static readonly IReadOnlyList<ContainerHour> Hours = Weathers.ClearDays(14, -5, 9, 600);
    private static readonly ContainerRun Told = Run(Jug);

    private static ContainerRun Run(ContainerParameters p) => new ContainerModel(p).Run(Hours, _ => Weathers.CapOff);

    private static IReadOnlyList<(int Hour, double TempC)> Thermometer(ContainerRun run, int from, int to) =>
        [.. Enumerable.Range(from, to - from).Select(i => (i, run.AirC[i]))];

    private static IReadOnlyList<InsideDay> Days(
        IReadOnlyList<(int Hour, double TempC)> observed,
        Func<DateOnly, IReadOnlyList<ContainerHour>?>? foretold = null,
        double times = 1
    ) =>
        InsideDays.Of(
            Told,
            foretold ?? (_ => null),
            _ => Weathers.CapOff,
            Jug,
            0,
            ContainerDoubts.Of(Jug, null),
            times,
            observed,
            ProbeSpot.Air
        );

    /// <summary>Known truth: the jug is drawn, the thermometer exact.</summary>
    [Fact]
    public void Nine_in_ten_days_of_drawn_jugs_hold()
    {
        var random = new Random(8);
        var told = Enumerable
            .Range(0, 120)
            .SelectMany(_ => Days(Thermometer(Run(ContainerBandTests.Drawn(random)), 216, 288)))
            .SelectMany(d => new[] { d.Coldest, d.Hottest })
            .ToList();
        Assert.Equal(720, told.Count);
        Assert.InRange((double)told.Count(t => t.TruthC >= t.LowC && t.TruthC <= t.HighC) / told.Count, 0.82, 0.98);
    }

    [Fact]
    public void A_jug_as_the_model_has_it_is_told_to_the_hair()
    {
        var days = Days(Thermometer(Told, 240, 288));
        Assert.Equal(2, days.Count);
        Assert.All(days, d =>
        {
            Assert.False(d.Foretold);
            Assert.Equal(d.Coldest.TruthC, d.Coldest.GuessC, 9);
            Assert.Equal(d.Hottest.TruthC, d.Hottest.GuessC, 9);
            Assert.True(d.Coldest.LowC < d.Coldest.GuessC && d.Hottest.HighC > d.Hottest.GuessC);
        });
        Assert.Equal(Hours[240].Date, days[0].Date);
    }

    [Fact]
    public void Part_of_a_day_is_not_judged() => Assert.Single(Days(Thermometer(Told, 250, 288)));

    [Fact]
    public void What_is_told_twice_as_wide_reaches_twice_as_far()
    {
        var (once, twice) = (Days(Thermometer(Told, 240, 264))[0].Coldest, Days(Thermometer(Told, 240, 264), times: 2)[0].Coldest);
        Assert.Equal(once.GuessC, twice.GuessC, 9);
        Assert.True(once.GuessC - once.LowC > 0.3);
        Assert.InRange((twice.GuessC - twice.LowC) / (once.GuessC - once.LowC), 1.7, 2.3);
    }

    /// <summary>The evening before looked for a night five degrees warmer than it became.</summary>
    [Fact]
    public void A_day_that_was_foretold_is_judged_by_what_the_evening_before_knew()
    {
        var day = Hours[264].Date;
        IReadOnlyList<ContainerHour> Evening() =>
            [.. Hours.Skip(96).Take(192).Select(h => h.Date < day ? h : h with { TempC = h.TempC + 5 })];
        var days = Days(Thermometer(Told, 240, 288), d => d == day ? Evening() : null);
        Assert.Equal([false, true], days.Select(d => d.Foretold));
        Assert.InRange(days[1].Coldest.GuessC - days[1].Coldest.TruthC, 3, 6);
        Assert.Equal(days[0].Coldest.TruthC, days[0].Coldest.GuessC, 9);
        Assert.EndsWith(
            "lay within what was told of them, of 1 day the evening before, of the others by the weather as it was.",
            InsideDays.Words(days)
        );
    }

    private static InsideDay Day(int day, InsideTold coldest) => new(new(2027, 1, day), true, coldest, new(8, 10, 12, 11));

    private static InsideMeasured File(double wall, params InsideDay[] days) => new("1", ProbeSpot.Medium, wall, 1, days);

    private static readonly InsideTold Missed = new(-3, -2, -1, -6);

    [Fact]
    public void A_day_stands_as_it_was_told_first()
    {
        var told = JudgedInside
            .Of(7, [File(5, Day(3, Missed)), File(6, Day(3, new(-7, -6, -5, -6)), Day(4, new(-7, -6, -5, -6)))], _ => ContainerPreset.Jug4)
            .ToList();
        Assert.Equal([1, 1], told.Select(t => t.Days.Count));
        Assert.Equal([false, true, true, true], told.SelectMany(t => t.Forecasts).Select(f => f.Held));
    }

    [Fact]
    public void Freezing_is_told_where_the_whole_range_says_so()
    {
        var freezes = JudgedInside
            .Of(7, [File(5, Day(3, Missed), Day(4, new(-1, 0.5, 2, -0.2)), Day(5, new(0.5, 2, 3, -0.4)))], _ => null)
            .Single()
            .Freezes.ToList();
        Assert.Equal([(3, true, true), (5, false, true)], freezes.Select(f => (f.Date.Day, f.Told, f.Came)));
    }

    [Fact]
    public void Days_widen_what_is_told_of_their_kind_with_the_numbers_that_told_them()
    {
        var days = Enumerable.Range(1, 12).Select(d => Day(d, Missed)).ToArray();
        var told = JudgedInside.Of(7, [File(5, days)], _ => ContainerPreset.Jug4).ToList();
        Assert.Equal(3, JudgedInside.TimesFor(told, ContainerPreset.Jug4, 5));
        Assert.Equal(1, JudgedInside.TimesFor(told, ContainerPreset.Jug4, 6));
        Assert.Equal(1, JudgedInside.TimesFor(told, ContainerPreset.Pot, 5));
    }

    /// <summary>Days of one jug are alike: it may be an easy one.</summary>
    [Fact]
    public void One_jug_does_not_narrow_what_is_told_of_others_and_three_do()
    {
        var days = Enumerable.Range(1, 31).Select(d => Day(d, new(-6, -2, 2, -2.1))).ToArray();
        IEnumerable<JudgedInside> Jugs(int count) =>
            Enumerable.Range(0, count).SelectMany(b => JudgedInside.Of(b, [File(5, days)], _ => ContainerPreset.Jug4));
        Assert.Equal(1, JudgedInside.TimesFor(Jugs(1), ContainerPreset.Jug4, 5));
        Assert.InRange(JudgedInside.TimesFor(Jugs(3), ContainerPreset.Jug4, 5), 0.5, 0.6);
        Assert.Contains("wider than they need be", ForecastScore.Of([.. Jugs(1).SelectMany(j => j.Forecasts)]).Words);
    }
}
