using Gassel.Core.Climate;
using Gassel.Core.Yard;

namespace Gassel.Core.Tests.Yard;

/// <summary>Words told on days of March, at the site's own clock.</summary>
public class EveningBeforeTests
{
    private static readonly TimeSpan Clock = TimeSpan.FromHours(-7);
    private static readonly DateOnly Day = new(2027, 3, 10);

    private static readonly YardDay[] Known =
    [
        .. Enumerable.Range(1, 20).Select(d => new YardDay(new(2027, 3, d), d, d + 10, 0, null, null, YardDaySource.Recorded)),
    ];

    private static ForecastWord Word(int day, double lowC, double? highC, int toldOn, int hour) =>
        new(new(2027, 3, day), lowC, highC, null, null, null, new(2027, 3, toldOn, hour, 0, 0, Clock), ForecastSource.Typed, "grower");

    private static IReadOnlyList<ContainerHour>? Hours(DateOnly from, params ForecastWord[] words) =>
        EveningBefore.Of(Day, from, Known, words, 46.8, Clock, -1);

    [Fact]
    public void Nothing_is_foretold_by_a_word_that_came_with_the_day() =>
        Assert.Null(Hours(new(2027, 3, 1), Word(10, -8, 2, 10, 0), Word(11, -8, 2, 9, 20)));

    [Fact]
    public void The_days_before_are_as_they_were_and_the_day_as_it_was_told()
    {
        var hours = Hours(new(2027, 3, 3), Word(10, 5, 9, 8, 8), Word(10, -8, 2, 9, 23), Word(10, 6, 12, 10, 1), Word(11, -4, 6, 9, 23))!;
        Assert.Equal((new(2027, 3, 3), new DateOnly(2027, 3, 11)), (hours[0].Date, hours[^1].Date));
        double Low(int day) => hours.Where(h => h.Date == new DateOnly(2027, 3, day)).Min(h => h.TempC);
        double High(int day) => hours.Where(h => h.Date == new DateOnly(2027, 3, day)).Max(h => h.TempC);
        // the ends fall between two middles of an hour; the site is taken to be a degree colder than what is told
        // the last evening before falls towards what is told, so the day before that one shows what was known
        Assert.Equal(8, Low(8), 0.3);
        Assert.Equal(-9, Low(10), 0.3);
        Assert.Equal(1, High(10), 0.3);
        Assert.Equal(5, High(11), 0.3);
    }

    [Fact]
    public void The_past_reaches_back_as_far_as_the_ground_remembers()
    {
        YardDay[] long_ =
        [
            .. Enumerable.Range(0, 90).Select(d => new YardDay(Day.AddDays(d - 80), 0, 10, 0, null, null, YardDaySource.Recorded)),
        ];
        var hours = EveningBefore.Of(Day, Day.AddDays(-80), long_, [Word(10, -8, 2, 9, 20)], 46.8, Clock, 0)!;
        Assert.Equal(Day.AddDays(-InsideDays.DaysBefore), hours[0].Date);
        Assert.Equal(Day, hours[^1].Date);
    }
}
