using Gassel.Core.Due;
using Gassel.Core.Record;

namespace Gassel.Core.Tests.Due;

/// <summary>Weekly, and twice a week once a bag-sprouter has passed half of its shortest time; common practice, no source.</summary>
public class LookDatesTests
{
    [Fact]
    public void A_planned_batch_lists_all_its_looks_and_they_agree_with_what_falls_due()
    {
        var (plan, kind) = (Book.Plan(), Book.Of("balsamroot"));
        var looks = LookDates.Ahead(plan, new Book().Fold().Parts[0], kind, CheckSchool.Weekly, new(2026, 11, 1));
        Assert.Equal(new DateOnly(2026, 12, 8), looks[0]);
        Assert.All(looks, d => Assert.InRange(d, plan.Steps[0].Start, plan.Steps[0].End.AddDays(-1)));
        var gaps = looks.Zip(looks.Skip(1), (a, b) => b.DayNumber - a.DayNumber).ToList();
        Assert.Equal([7, 3], gaps.Distinct());
        // the first of them is what Rounds asks for
        var begun = new Book().Add("2026-12-01", new StepStarted("1", 0, 60)).Fold();
        Assert.Equal(looks[0], DueWork.For(plan, begun, kind, new(2026, 12, 2)).Single(d => d.Kind == DueKind.CheckBag).DueOn);
        Assert.Equal(looks[0], LookDates.Ahead(plan, begun.Parts[0], kind, CheckSchool.Weekly, new(2026, 12, 2))[0]);
    }

    [Fact]
    public void An_overdue_look_is_today_and_sown_seed_is_looked_at_no_more()
    {
        var plan = Book.Plan();
        var begun = new Book().Add("2026-12-01", new StepStarted("1", 0, 60)).Fold();
        Assert.Equal(
            new DateOnly(2026, 12, 20),
            LookDates.Ahead(plan, begun.Parts[0], Book.Of("balsamroot"), CheckSchool.Weekly, new(2026, 12, 20))[0]
        );
        Assert.Empty(
            LookDates.Ahead(plan, Book.SownBalsamroot().Fold().Parts[0], Book.Of("balsamroot"), CheckSchool.Weekly, new(2027, 3, 1))
        );
    }
}
