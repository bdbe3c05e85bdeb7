using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Growing;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Due;

/// <summary>
/// Seedlings leave their tray by kind, not by one clock: at first true leaves, at a height (milkweeds 7.5 cm), after weeks from sowing
/// (slow perennials 8 to 12), or never (tap roots): common practice, no source.
/// </summary>
public class LeavingTrayTests
{
    private static readonly BatchPlan Plan = Book.Plan("globemallow", "2027-01-10");

    private static DateOnly D(string day) => DateOnly.ParseExact(day, "yyyy-MM-dd");

    private static Species Of(GrowingOn growing) => Book.Of("globemallow") with { Growing = growing };

    private static Book Up() =>
        new Book()
            .Add("2027-02-20", new Sown("1", "lamp-shelf", new(VesselKind.Tray, "tray 1", 72), Seeds: 60))
            .Add("2027-03-01", new Count("1", 30, 0));

    private static IReadOnlyList<DueItem> Due(Book book, string today, Species species)
    {
        var state = BatchFold.Run(Plan, book.Entries);
        Assert.Empty(state.Conflicts);
        return DueWork.For(Plan, state, species, D(today));
    }

    private static DueItem Only(IEnumerable<DueItem> due, DueKind kind) => due.Single(d => d.Kind == kind);

    private static readonly Species Tall = Of(new(LeaveClock.Height, LeaveHeightMm: 75));
    private static readonly Species Slow = Of(new(LeaveClock.Weeks, LeaveFromWeeks: 8, LeaveToWeeks: 12));

    [Fact]
    public void A_kind_that_leaves_at_a_height_is_measured_on_the_day_its_pace_foretells()
    {
        Assert.Equal(D("2027-03-15"), Only(Due(Up(), "2027-03-16", Tall), DueKind.TakeHeight).DueOn);
        // 20 mm in ten days, and 55 more to grow: two weeks at the most
        var once = Up().Add("2027-03-11", new Measured("1", 20));
        Assert.Equal(D("2027-03-25"), Only(Due(once, "2027-03-12", Tall), DueKind.TakeHeight).DueOn);
        // 30 mm in ten days, and 25 more to grow: nine days
        var twice = once.Add("2027-03-21", new Measured("1", 50));
        var look = Only(Due(twice, "2027-03-22", Tall), DueKind.TakeHeight);
        Assert.Equal(D("2027-03-30"), look.DueOn);
        Assert.StartsWith("5 cm at the last look", look.Cost.Said(), StringComparison.Ordinal);
        var tall = twice.Add("2027-03-30", new Measured("1", 80));
        var leave = Only(Due(tall, "2027-04-02", Tall), DueKind.PrickOut);
        Assert.Equal((D("2027-03-30"), D("2027-04-13"), 0), (leave.DueOn, leave.OpenUntil, leave.LateDays));
        Assert.Contains("roots tangle", Only(Due(tall, "2027-04-20", Tall), DueKind.PrickOut).Cost, StringComparison.Ordinal);
    }

    [Fact]
    public void A_kind_that_wants_weeks_is_not_called_overgrown_after_ten_days()
    {
        var seen = Up().Add("2027-03-20", new TrueLeaves("1"));
        var leave = Only(Due(seen, "2027-04-10", Slow), DueKind.PrickOut);
        // sown on 20 February
        Assert.Equal((D("2027-04-17"), D("2027-05-15"), 0), (leave.DueOn, leave.OpenUntil, leave.LateDays));
        Assert.DoesNotContain(Due(seen, "2027-05-10", Slow), d => d.Cost.Contains("vergrown", StringComparison.Ordinal));
        Assert.Contains("Too long in the tray", Only(Due(seen, "2027-05-20", Slow), DueKind.PrickOut).Cost, StringComparison.Ordinal);
        Assert.DoesNotContain(Due(Up(), "2027-04-10", Slow), d => d.Kind == DueKind.LookForTrueLeaves);
    }

    [Fact]
    public void A_kind_that_never_leaves_is_thinned_where_it_stands_whatever_its_root()
    {
        var never = Of(new(LeaveClock.Never));
        Assert.True(SeedlingClock.Of(BatchFold.Run(Plan, Up().Entries).Parts[0], never)!.InPlace);
        Assert.Equal(LeaveClock.Never, Book.Of("scarlet-gilia").LeavesTray);
    }

    /// <summary>Quick big kinds monthly, 2.5 to 5 cm wider each time: common practice, no source.</summary>
    [Fact]
    public void A_quick_kind_asks_for_pot_after_pot()
    {
        var quick = Of(new(RepotWeeks: 4));
        var potted = Up().Add("2027-03-20", new MovedOn("1", PlantStage.Seedling, PlantStage.Potted, 30, PotCm: 9));
        var next = Only(Due(potted, "2027-04-18", quick), DueKind.Repot);
        Assert.Equal((D("2027-04-17"), 1), (next.DueOn, next.LateDays));
        Assert.Contains("9 cm; the next is 11.5 cm to 14 cm", next.Cost.Said(), StringComparison.Ordinal);
        var again = potted.Add("2027-04-18", new MovedOn("1", PlantStage.Potted, PlantStage.Potted, 30, PotCm: 12));
        Assert.Equal(D("2027-05-16"), Only(Due(again, "2027-04-19", quick), DueKind.Repot).DueOn);
        Assert.DoesNotContain(Due(potted, "2027-08-18", Of(new())), d => d.Kind == DueKind.Repot);
    }

    /// <summary>Heavy feeders every 7 to 10 days, slow natives once at potting, or every three months: common practice.</summary>
    [Fact]
    public void Food_goes_by_the_appetite_of_the_kind()
    {
        var fed = Up().Add("2027-04-01", new Tended("1", Tending.Fed));
        Assert.Equal(D("2027-04-09"), Only(Due(fed, "2027-04-02", Of(new(Appetite: Appetite.Heavy))), DueKind.Feed).DueOn);
        Assert.Equal(D("2027-07-01"), Only(Due(fed, "2027-04-02", Of(new(Appetite: Appetite.Slow))), DueKind.Feed).DueOn);
        Assert.DoesNotContain(Due(fed, "2027-08-02", Of(new(Appetite: Appetite.None))), d => d.Kind == DueKind.Feed);
        var little = Of(new(Appetite: Appetite.Little));
        Assert.DoesNotContain(Due(fed, "2027-08-02", little), d => d.Kind == DueKind.Feed);
        var potted = fed.Add("2027-04-20", new MovedOn("1", PlantStage.Seedling, PlantStage.Potted, 30));
        Assert.Equal(D("2027-04-20"), Only(Due(potted, "2027-04-21", little), DueKind.Feed).DueOn);
        Assert.DoesNotContain(Due(potted.Add("2027-04-21", new Tended("1", Tending.Fed)), "2027-08-02", little), d =>
            d.Kind == DueKind.Feed
        );
    }

    [Fact]
    public void The_mix_that_was_recorded_at_sowing_decides_before_that_of_the_site()
    {
        var rich = new Book()
            .Add("2027-02-20", new Sown("1", "lamp-shelf", null, Seeds: 60, Mix: ContainerMix.WithNutrients))
            .Add("2027-03-01", new Count("1", 30, 0));
        // sown on 20 February + six weeks
        Assert.Equal(D("2027-04-03"), Only(Due(rich, "2027-03-12", Book.Of("globemallow")), DueKind.Feed).DueOn);
    }

    [Fact]
    public void Nothing_is_measured_where_nothing_grows_and_the_last_word_on_a_day_counts()
    {
        var none = BatchFold.Run(
            Plan,
            new Book().Add("2027-02-20", new Sown("1", null, null, Seeds: 60)).Add("2027-02-21", new Measured("1", 9)).Entries
        );
        Assert.Equal(ConflictCode.NothingGrows, Assert.Single(none.Conflicts).Code);
        var part = BatchFold
            .Run(Plan, Up().Add("2027-03-11", new Measured("1", 20)).Add("2027-03-11", new Measured("1", 22)).Entries)
            .Parts[0];
        Assert.Equal(22, Assert.Single(part.Heights).Mm);
    }
}
