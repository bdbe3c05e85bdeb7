using Gassel.Core.Due;
using Gassel.Core.Record;

namespace Gassel.Core.Tests.Due;

public class CalendarPlanTests
{
    private static readonly DateOnly Start = new(2026, 12, 1);

    [Fact]
    public void What_is_to_come_stands_in_it_under_keys_that_do_not_move_with_the_days()
    {
        var plan = Book.Plan("globemallow");
        var state = new Book().Fold(plan);
        var now = CalendarPlan.Of(plan, state, Book.Of("globemallow"), CheckSchool.Weekly, "B-1 globemallow", Start.AddDays(-3));
        // the looks at the cold stand in it too, under keys of their own
        var looks = now.Where(d => d.Key.Contains("-look-", StringComparison.Ordinal)).ToList();
        Assert.NotEmpty(looks);
        Assert.All(looks, d => Assert.Equal("B-1 globemallow: look at it", d.Words));
        now = [.. now.Except(looks)];
        Assert.Equal(["1-0", "1-1", "1-2", "1-3", "1-4", "1-5", "1-ready"], now.Select(d => d.Key));
        Assert.Equal("B-1 globemallow: sow", now[3].Words);
        // hot water and the day of soaking go by the hour
        Assert.Equal([true, true, false, false, false, false, false], now.Select(d => d.Alarm));

        var later = CalendarPlan
            .Of(plan, state, Book.Of("globemallow"), CheckSchool.Weekly, "B-1 globemallow", Start.AddDays(9))
            .Where(d => !d.Key.Contains("-look-", StringComparison.Ordinal))
            .ToList();
        Assert.Equal(now.Select(d => d.Key), later.Select(d => d.Key));
        Assert.Equal(now.Select(d => d.On.AddDays(9)), later.Select(d => d.On));
    }

    [Fact]
    public void What_is_done_stands_in_it_no_more()
    {
        var book = Book.SownBalsamroot();
        Assert.Equal(
            ["1-2", "1-3", "1-ready"],
            CalendarPlan.Of(Book.Plan(), book.Fold(), Book.Of("balsamroot"), CheckSchool.Weekly, "B-1", new(2027, 2, 22)).Select(d => d.Key)
        );
        book.Add("2027-04-01", new StepStarted("1", 2)).Add("2028-04-01", new StepStarted("1", 3)).Add("2028-04-11", new StepEnded("1", 3));
        Assert.Empty(CalendarPlan.Of(Book.Plan(), book.Fold(), Book.Of("balsamroot"), CheckSchool.Weekly, "B-1", new(2028, 5, 1)));
    }
}
