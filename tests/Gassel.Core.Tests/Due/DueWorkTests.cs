using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Core.Tests.Due;

/// <summary>Intervals are common practice, no source, except where a test says otherwise.</summary>
public class DueWorkTests
{
    [Fact]
    public void A_bag_that_was_told_asks_for_a_look_today_and_is_not_late()
    {
        var told = new Entry(
            Book.IdOf(1),
            1,
            default,
            new(2026, 12, 1),
            null,
            default,
            "grower",
            EntrySource.Told,
            new StepStarted("1", 0, 60)
        );
        var today = new DateOnly(2027, 2, 20);
        var look = DueWork
            .For(Book.Plan(), BatchFold.Run(Book.Plan(), [told]), Book.Of("balsamroot"), today)
            .Single(d => d.Kind == DueKind.CheckBag);
        Assert.Equal((today, 0), (look.DueOn, look.LateDays));
        var looked = new Entry(
            Book.IdOf(2),
            2,
            default,
            new(2027, 2, 1),
            null,
            default,
            "grower",
            EntrySource.Hand,
            new Check("1", Moisture.Right, MouldSeen.None, 0)
        );
        Assert.True(
            DueWork
                .For(Book.Plan(), BatchFold.Run(Book.Plan(), [told, looked]), Book.Of("balsamroot"), today)
                .Single(d => d.Kind == DueKind.CheckBag)
                .LateDays > 0
        );
    }

    private static DateOnly D(string iso) => DateOnly.ParseExact(iso, "yyyy-MM-dd");

    private static IReadOnlyList<DueItem> Due(Book book, string today, string species = "balsamroot")
    {
        var plan = Book.Plan(species);
        return DueWork.For(plan, book.Fold(plan), Book.Of(species), D(today));
    }

    [Fact]
    public void A_planned_batch_is_due_on_its_usual_start_and_late_after_it()
    {
        var item = Assert.Single(Due(new Book(), "2026-12-04"));
        Assert.Equal((DueKind.StartStep, 3), (item.Kind, item.LateDays));
        Assert.Equal(D("2026-12-01"), item.DueOn);
        Assert.Equal(D("2027-01-10"), item.OpenUntil);
        Assert.Contains("Start by 10 Jan 2027 to be ready on", item.Cost.Said());
    }

    [Fact]
    public void A_bag_is_looked_at_weekly_and_a_sprouter_twice_a_week_from_half_its_shortest()
    {
        var book = new Book().Add("2026-12-01", new StepStarted("1", 0, 60));
        Assert.Equal(D("2026-12-08"), Due(book, "2026-12-02").Single(i => i.Kind == DueKind.CheckBag).DueOn);
        book.Add("2026-12-30", new Check("1", Moisture.Right, MouldSeen.None, 0));
        Assert.Equal(D("2027-01-06"), Due(book, "2026-12-31").Single(i => i.Kind == DueKind.CheckBag).DueOn);
        // half of the shortest 60 days is 31 December
        book.Add("2026-12-31", new Check("1", Moisture.Right, MouldSeen.None, 0));
        Assert.Equal(D("2027-01-03"), Due(book, "2027-01-01").Single(i => i.Kind == DueKind.CheckBag).DueOn);
    }

    [Fact]
    public void Sowing_is_due_when_the_cold_has_lasted_its_usual_time_from_the_day_it_really_began()
    {
        var book = new Book().Add("2026-12-05", new StepStarted("1", 0, 60));
        var sow = Due(book, "2026-12-06").Single(i => i.Kind == DueKind.Sow);
        Assert.Equal(D("2026-12-05").AddDays(84), sow.DueOn);
        Assert.Equal(D("2026-12-05").AddDays(112), sow.OpenUntil);
    }

    [Fact]
    public void A_sown_tray_is_counted_from_its_shortest_day_on_and_then_every_third()
    {
        var book = Book.SownBalsamroot();
        Assert.Equal(D("2027-02-25"), Due(book, "2027-02-21").Single(i => i.Kind == DueKind.CountSeedlings).DueOn);
        book.Add("2027-02-26", new Count("1", 3, 0));
        Assert.Equal(D("2027-03-01"), Due(book, "2027-02-26").Single(i => i.Kind == DueKind.CountSeedlings).DueOn);
    }

    [Fact]
    public void A_plan_by_own_sowings_counts_in_their_days_and_says_so()
    {
        var plan = Book.Plan() with { OwnDays = new(7, 11, 16) };
        var today = D("2027-02-21");
        var count = DueWork
            .For(plan, Book.SownBalsamroot().Fold(plan), Book.Of("balsamroot"), today)
            .Single(i => i.Kind == DueKind.CountSeedlings);
        var sown = Book.SownBalsamroot().Fold(plan).Parts[0].SownOn!.Value;
        Assert.Equal(sown.AddDays(7), count.DueOn);
        Assert.EndsWith(", by your own sowings.", count.Cost, StringComparison.Ordinal);
        Assert.Contains("+ 7 days, the shortest to emergence, by your own sowings.", count.Working[0], StringComparison.Ordinal);
    }

    [Fact]
    public void After_hot_water_the_soak_is_due_the_same_day_and_a_finished_soak_does_not_wait()
    {
        var plan = Book.Plan("globemallow");
        var book = new Book().Add("2026-12-01", new StepStarted("1", 0, 60));
        var next = Due(book, "2026-12-01", "globemallow").Single();
        Assert.Equal((DueKind.StartStep, 1, D("2026-12-01")), (next.Kind, next.Step, next.DueOn));
        book.Add("2026-12-01", new StepStarted("1", 1)).Add("2026-12-02", new StepEnded("1", 1));
        var waiting = DueWork.For(plan, book.Fold(plan), Book.Of("globemallow"), D("2026-12-04")).Single();
        Assert.Equal((2, 2), (waiting.Step, waiting.LateDays));
        Assert.Contains("should not wait", waiting.Cost);
    }

    [Fact]
    public void Light_seed_without_a_treatment_is_due_for_sowing_at_once()
    {
        var item = Assert.Single(Due(new Book(), "2026-12-01", "alumroot"));
        Assert.Equal(DueKind.Sow, item.Kind);
    }

    [Fact]
    public void The_ribbon_moves_with_what_really_happened()
    {
        var plan = Book.Plan();
        var state = new Book().Add("2026-12-11", new StepStarted("1", 0, 60)).Fold();
        var ribbon = Ribbon.For(plan, state.Parts[0], D("2027-01-01"));
        Assert.Equal(D("2026-12-11"), ribbon[0].Start);
        Assert.Equal(D("2026-12-01"), ribbon[0].PlannedStart);
        Assert.Equal(plan.Finish.AddDays(10), ribbon[^1].End);
        var overdue = Ribbon.For(plan, state.Parts[0], D("2027-04-01"));
        Assert.Equal(D("2027-04-01"), overdue[0].End);
    }

    [Fact]
    public void Seedlings_move_on_when_the_expected_emergence_is_over()
    {
        var book = Book.SownBalsamroot();
        Assert.DoesNotContain(Due(book, "2027-03-30"), i => i.Kind == DueKind.StartStep);
        book.Add("2027-03-01", new Count("1", 8, 1));
        var potOn = Due(book, "2027-03-25").Single(i => i.Kind == DueKind.StartStep);
        Assert.Equal((2, 3), (potOn.Step, potOn.LateDays));
        Assert.Contains("7 up and crowded", potOn.Cost);
    }

    /// <summary>Three of sixty before the shortest are picked out; six, or any past the shortest, and the whole bag is sown.</summary>
    [Fact]
    public void The_default_school_for_sprouts()
    {
        var plan = Book.Plan();
        var part = new Book().Add("2026-12-01", new StepStarted("1", 0, 60)).Fold().Parts[0];
        Assert.Equal(6, SproutSchool.PickOutFirst.SowAllFrom(plan.Steps[0], part.Open!, part, D("2027-01-20")));
        Assert.Equal(1, SproutSchool.PickOutFirst.SowAllFrom(plan.Steps[0], part.Open!, part, D("2027-01-30")));
        Assert.Equal(1, SproutSchool.SowAllAtTheFirst.SowAllFrom(plan.Steps[0], part.Open!, part, D("2027-01-20")));
        Assert.Equal(
            part.Seeds - part.Sprouted + 1,
            SproutSchool.AlwaysPickOut.SowAllFrom(plan.Steps[0], part.Open!, part, D("2027-01-30"))
        );
    }
}
