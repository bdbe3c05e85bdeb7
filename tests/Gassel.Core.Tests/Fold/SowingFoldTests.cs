using CsCheck;
using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Germination;
using Gassel.Core.Record;

namespace Gassel.Core.Tests.Fold;

/// <summary>From sowing to the last seedling: estimates, cells, roots, cut seed, keeping and giving up.</summary>
public class SowingFoldTests
{
    private static readonly Vessel Tray = new(VesselKind.Tray, "tray 1", 72);

    private static Book Sown(double? estimate = null, IReadOnlyList<int>? cells = null, bool dome = false) =>
        new Book().Add("2027-02-20", new Sown("1", "lamp-shelf", Tray, Seeds: 60, Cells: cells, EstimatePercent: estimate, Dome: dome));

    private static ConflictCode? Refused(Book book) => book.Fold().Conflicts.SingleOrDefault()?.Code;

    [Fact]
    public void Sowing_may_be_the_first_step()
    {
        var state = Sown().Fold();
        Assert.Equal((60, 60), (state.SeedsStarted, state.Parts[0].Seeds));
        Assert.Equal(ConflictCode.NothingToSow, Refused(new Book().Add("2027-02-20", new Sown("1", null, Tray))));
    }

    [Fact]
    public void A_count_before_sowing_is_in_conflict() =>
        Assert.Equal(ConflictCode.NotSown, Refused(new Book().Add("2027-02-20", new Count("1", 1, 0))));

    [Fact]
    public void Above_an_estimate_the_estimate_is_raised_and_above_a_counted_number_nothing_is()
    {
        Assert.Equal(ConflictCode.MoreSeedlingsThanSeeds, Refused(Sown().Add("2027-03-01", new Count("1", 61, 0))));
        Assert.Equal(ConflictCode.AboveEstimate, Refused(Sown(20).Add("2027-03-01", new Count("1", 61, 0))));
        var raised = Sown(20).Add("2027-03-01", new Estimated("1", 80, 10)).Add("2027-03-01", new Count("1", 61, 0)).Fold();
        Assert.Empty(raised.Conflicts);
        Assert.Equal((80, 61, 10.0), (raised.SeedsStarted, raised.Germinated, raised.Parts[0].EstimatePercent));
        Assert.Equal(ConflictCode.NotEstimated, Refused(Sown().Add("2027-03-01", new Estimated("1", 80, 10))));
        Assert.Equal(
            ConflictCode.EstimateBelowSeen,
            Refused(Sown(20).Add("2027-03-01", new Count("1", 30, 0)).Add("2027-03-02", new Estimated("1", 29, 10)))
        );
    }

    [Fact]
    public void An_estimate_widens_the_interval_at_both_ends()
    {
        var (counted, estimated) = (
            BatchGermination.From(Book.Plan(), Sown().Add("2027-03-01", new Count("1", 30, 0)).Fold())!,
            BatchGermination.From(Book.Plan(), Sown(20).Add("2027-03-01", new Count("1", 30, 0)).Fold())!
        );
        Assert.Equal(counted.Fraction, estimated.Fraction);
        Assert.Equal(Proportion.Wilson(30, 72, 0.95).Low, estimated.Low, 12);
        Assert.Equal(Proportion.Wilson(30, 48, 0.95).High, estimated.High, 12);
        Assert.True(estimated.Low < counted.Low && estimated.High > counted.High);
    }

    [Fact]
    public void Cut_seed_leaves_the_reckoning_and_stays_in_count()
    {
        var state = Sown().Add("2027-03-01", new Count("1", 20, 0)).Add("2027-04-01", new CutTested("1", 3, 5, 2)).Fold();
        var germination = BatchGermination.From(Book.Plan(), state)!;
        Assert.Equal((20, 50, 0.4), (germination.Germinated, germination.Seeds, germination.Fraction));
        Assert.Equal((60, 10), (state.SeedsStarted, state.SeedsCut));
        Assert.Equal(new CutTest(3, 5, 2), state.Parts[0].Cut);
        Assert.Equal(
            ConflictCode.MoreCutThanLeft,
            Refused(Sown().Add("2027-03-01", new Count("1", 55, 0)).Add("2027-04-01", new CutTested("1", 6, 0, 0)))
        );
    }

    [Fact]
    public void A_bag_of_which_all_seed_was_cut_has_nothing_to_sow() =>
        Assert.Equal(
            ConflictCode.NothingToSow,
            Refused(
                new Book()
                    .Add("2027-01-01", new StepStarted("1", 0, 5))
                    .Add("2027-02-01", new CutTested("1", 0, 5, 0))
                    .Add("2027-02-02", new Sown("1", null, Tray, Seeds: 9))
            )
        );

    [Fact]
    public void Roots_and_shoots_are_two_counts_and_one_germination()
    {
        var state = Sown().Add("2027-03-01", new Count("1", 0, 0, Rooted: 40)).Add("2028-03-01", new Count("1", 25, 0)).Fold();
        Assert.Equal((40, 25, 40), (state.Parts[0].Rooted, state.Parts[0].Emerged, state.Germinated));
        Assert.Equal(40, state.Parts[0].RootsSinceSowing().Sum(c => c.Emerged));
        Assert.Equal(ConflictCode.MoreRootsThanSeeds, Refused(Sown().Add("2027-03-01", new Count("1", 0, 0, Rooted: 61))));
    }

    [Fact]
    public void Cells_add_up_to_the_whole_and_lie_where_it_was_sown()
    {
        var spots = (int cell) => new CountSpot[] { new(1, null, 2, 0), new(cell, null, 1, 0) };
        Assert.Null(Refused(Sown(cells: [1, 2, 3]).Add("2027-03-01", new Count("1", 3, 0, Spots: spots(3)))));
        Assert.Equal(ConflictCode.SpotNotOfPart, Refused(Sown(cells: [1, 2, 3]).Add("2027-03-01", new Count("1", 3, 0, Spots: spots(4)))));
        Assert.Equal(ConflictCode.SpotNotOfPart, Refused(Sown().Add("2027-03-01", new Count("1", 3, 0, Spots: spots(73)))));
        Assert.Equal(ConflictCode.SpotsDoNotAddUp, Refused(Sown().Add("2027-03-01", new Count("1", 4, 0, Spots: spots(3)))));
        Assert.Null(Refused(Sown().Add("2027-03-01", new Count("1", 4, 0, Spots: [new(null, 6, 4, 0)]))));
        Assert.Equal(ConflictCode.SpotNotOfPart, Refused(Sown().Add("2027-03-01", new Count("1", 4, 0, Spots: [new(null, 7, 4, 0)]))));
        Assert.Equal(ConflictCode.SpotNotOfPart, Refused(new Book().Add("2027-02-20", new Sown("1", null, Tray, Seeds: 9, Cells: [73]))));
    }

    [Fact]
    public void Given_up_it_takes_no_more_seedlings_but_losses_and_taken_back_it_does()
    {
        var closed = Sown().Add("2027-03-01", new Count("1", 9, 0)).Add("2027-05-01", new SowingClosed("1"));
        Assert.Equal(ConflictCode.SowingIsClosed, Refused(new Book().Also(closed).Add("2027-05-02", new Count("1", 1, 0))));
        Assert.Null(Refused(new Book().Also(closed).Add("2027-05-02", new Count("1", 0, 2))));
        Assert.Null(
            Refused(new Book().Also(closed).Add("2027-05-02", new VoidEntry(closed.Entries[^1].Id)).Add("2027-05-02", new Count("1", 1, 0)))
        );
        Assert.False(closed.Fold().Parts[0].IsDone(Book.Plan()));
        Assert.True(new Book().Also(closed).Add("2027-05-02", new Count("1", 0, 9)).Fold().Parts[0].IsDone(Book.Plan()));
    }

    [Fact]
    public void A_dome_comes_off_once() =>
        Assert.Equal(
            ConflictCode.NoDome,
            Refused(Sown(dome: true).Add("2027-03-01", new DomeOff("1")).Add("2027-03-02", new DomeOff("1")))
        );

    [Fact]
    public void The_dome_is_due_some_days_after_the_first_or_at_half_of_what_is_expected()
    {
        var plan = Book.Plan();
        DueItem? Dome(Book book, BatchPlan of) =>
            DueWork.For(of, book.Fold(of), Book.Of("balsamroot"), new(2027, 3, 3)).SingleOrDefault(d => d.Kind == DueKind.TakeDomeOff);
        Assert.Null(Dome(Sown(dome: true), plan));
        var up = Sown(dome: true).Add("2027-03-01", new Count("1", 2, 0)).Add("2027-03-03", new Count("1", 14, 0));
        Assert.Equal(new DateOnly(2027, 3, 5), Dome(up, plan)!.DueOn);
        Assert.Equal(new DateOnly(2027, 3, 3), Dome(up, plan with { Forecast = new(0.5, 0.2, 0.8, "") })!.DueOn);
        Assert.Null(Dome(up.Add("2027-03-03", new DomeOff("1")), plan));
    }

    [Fact]
    public void Kept_over_it_asks_for_a_look_next_spring_and_given_up_for_nothing()
    {
        var plan = Book.Plan();
        IReadOnlyList<DueItem> Due(Book book) => DueWork.For(plan, book.Fold(), Book.Of("balsamroot"), new(2027, 6, 20));
        var kept = Due(Sown().Add("2027-06-20", new SowingKept("1"))).Single();
        Assert.Equal((DueKind.CountSeedlings, new DateOnly(2028, 2, 25), 0), (kept.Kind, kept.DueOn, kept.LateDays));
        Assert.Empty(Due(Sown().Add("2027-06-20", new SowingClosed("1"))));
    }

    [Fact]
    public void A_tray_is_looked_at_too_but_its_seedlings_are_counted()
    {
        Assert.Null(Refused(Sown().Add("2027-03-01", new Core.Record.Check("1", Moisture.Dry, MouldSeen.None, 0))));
        Assert.Equal(
            ConflictCode.NotInTreatment,
            Refused(Sown().Add("2027-03-01", new Core.Record.Check("1", Moisture.Right, MouldSeen.None, 2)))
        );
    }

    /// <summary>Whatever is recorded, in whatever order, the seeds of the parts and those cut are the seeds started.</summary>
    [Fact]
    public void No_entry_makes_or_loses_a_seed()
    {
        var number = Gen.Int[0, 70];
        var payload = Gen.OneOf(
            Gen.Select(number, number, number, (a, b, c) => (EntryPayload)new Count("1", a, b, Rooted: c)),
            Gen.Select(number, number, (a, b) => (EntryPayload)new CutTested("1", a / 5, b / 5, 1)),
            number.Select(a => (EntryPayload)new Estimated("1", a + 1, 10)),
            Gen.Const((EntryPayload)new SowingClosed("1")),
            Gen.Const((EntryPayload)new SowingKept("1")),
            Gen.Select(number, number, (a, b) => (EntryPayload)new Split("1", [new("1.1", a + 1, 0), new("1.2", b + 1, 0)])),
            Gen.Const((EntryPayload)new Sown("1", "lamp-shelf", Tray, EstimatePercent: 20)),
            number.Select(a => (EntryPayload)new StepStarted("1", 0, a + 1))
        );
        payload
            .Array[1, 14]
            .Sample(payloads =>
            {
                var book = new Book();
                foreach (var p in payloads)
                    book.Add("2027-03-01", p);
                var state = book.Fold();
                Assert.Equal(state.SeedsStarted, state.Living.Sum(p => p.Seeds) + state.SeedsCut);
                Assert.All(state.Parts, p => Assert.True(p.Germinated <= p.Seeds && p.Standing >= 0 && p.Lost <= p.Emerged));
            });
    }
}
