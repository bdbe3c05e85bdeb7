using Gassel.Core.Climate;
using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Growing;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Due;

/// <summary>
/// What seedlings and plants ask for. Thin, divide or prick out at the first true leaves, not later: common practice, no source.
/// </summary>
public class PlantDueTests
{
    private const string Kind = "globemallow";
    private static readonly BatchPlan Plan = Book.Plan(Kind, "2027-01-10");
    private static readonly int HardenOff = Plan.Steps.ToList().FindIndex(s => s.Step.Kind == StepKind.HardenOff);
    private static readonly int GrowOn = Plan.Steps.ToList().FindIndex(s => s.Step.Kind == StepKind.GrowOn);

    private static DateOnly D(string day) => DateOnly.ParseExact(day, "yyyy-MM-dd");

    /// <summary>Thirty up since 1 March in a tray of so many cells.</summary>
    private static Book Up(int cells = 72, IReadOnlyList<CountSpot>? spots = null) =>
        new Book()
            .Add("2027-02-20", new Sown("1", "lamp-shelf", new(VesselKind.Tray, "tray 1", cells), Seeds: 60))
            .Add("2027-03-01", new Count("1", spots?.Sum(s => s.Emerged) ?? 30, 0, Spots: spots));

    private static BatchState Run(Book book) => BatchFold.Run(Plan, book.Entries);

    private static IReadOnlyList<DueItem> Due(
        Book book,
        string today,
        string species = Kind,
        ContainerMix mix = ContainerMix.LowNutrient,
        string? opens = null
    )
    {
        var state = Run(book);
        Assert.Empty(state.Conflicts);
        return DueWork.For(Plan, state, Book.Of(species), D(today), new(SeedMix: mix, GroundOpens: opens is null ? null : D(opens)));
    }

    private static DueItem Only(IEnumerable<DueItem> due, DueKind kind) => due.Single(d => d.Kind == kind);

    [Fact]
    public void True_leaves_are_looked_for_two_weeks_after_the_first_seedling_and_start_the_clock()
    {
        var look = Only(Due(Up(), "2027-03-20"), DueKind.LookForTrueLeaves);
        Assert.Equal((D("2027-03-15"), 5), (look.DueOn, look.LateDays));
        var seen = Up().Add("2027-03-20", new TrueLeaves("1"));
        var prick = Only(Due(seen, "2027-03-24"), DueKind.PrickOut);
        Assert.Equal((D("2027-03-20"), D("2027-03-30")), (prick.DueOn, prick.OpenUntil));
        Assert.Contains("Best moved by", prick.Cost, StringComparison.Ordinal);
        // overgrown is told by date
        Assert.Contains(
            "Overgrown since 30 Mar 2027",
            Only(Due(seen, "2027-04-09"), DueKind.PrickOut).Cost.Said(),
            StringComparison.Ordinal
        );
        Assert.DoesNotContain(Due(seen, "2027-03-24"), d => d.Kind is DueKind.LookForTrueLeaves or DueKind.StartStep);
        // the leaves ask, not the days of the route
        Assert.DoesNotContain(Due(Up(), "2027-06-20"), d => d.Kind == DueKind.StartStep);
    }

    [Fact]
    public void Seedlings_left_behind_in_the_tray_are_still_asked_for_once_the_others_grow_on()
    {
        var left = Up().Add("2027-03-20", new MovedOn("1", PlantStage.Seedling, PlantStage.PrickedOut, 20));
        Assert.Equal(D("2027-03-20"), Run(left).Parts[0].TrueLeavesOn);
        Assert.Contains("10 seedlings", Only(Due(left, "2027-04-20"), DueKind.PrickOut).Cost.Said(), StringComparison.Ordinal);
        Assert.DoesNotContain(
            Due(left.Add("2027-04-21", new MovedOn("1", PlantStage.Seedling, PlantStage.PrickedOut, 10)), "2027-04-22"),
            d => d.Kind == DueKind.PrickOut
        );
    }

    [Fact]
    public void Crowded_cells_are_known_by_cell_or_at_least_by_how_many_cells_there_are()
    {
        CountSpot[] spots = [new(1, null, 3, 0), new(2, null, 1, 0), new(5, null, 2, 0)];
        var byCell = Crowding.Of(Run(Up(spots: spots)).Parts[0]);
        Assert.Equal((6, 3, 3, true), (byCell.Standing, byCell.Cells, byCell.Surplus, byCell.IsByCell));
        Assert.Equal("6 seedlings in 3 cells, 3 too many for one to a cell.", byCell.Words);
        Assert.Equal("30 seedlings in 24 cells, at least 6 too many for one to a cell.", Crowding.Of(Run(Up(24)).Parts[0]).Words);
        // thinned to one, cell by cell
        var thinned = Up(spots: spots)
            .Add("2027-03-21", new Count("1", 0, 3, LossCause.Thinned, Spots: [new(1, null, 0, 2), new(5, null, 0, 1)]));
        Assert.Equal((3, 0), (Crowding.Of(Run(thinned).Parts[0]).Standing, Crowding.Of(Run(thinned).Parts[0]).Surplus));
    }

    /// <summary>
    /// Tap-rooted kinds go straight into deep cells and are not pricked out; bulbs and snow-melt kinds make one leaf and die back: common
    /// practice, no source.
    /// </summary>
    [Fact]
    public void Tap_rooted_kinds_are_thinned_in_place_and_snow_melt_kinds_have_no_clock()
    {
        var crowded = Up(24).Add("2027-03-20", new TrueLeaves("1"));
        Assert.Contains("at least 6", Only(Due(crowded, "2027-03-21", "scarlet-gilia"), DueKind.Thin).Cost, StringComparison.Ordinal);
        Assert.DoesNotContain(Due(Up().Add("2027-03-20", new TrueLeaves("1")), "2027-03-21", "scarlet-gilia"), d =>
            d.Kind is DueKind.Thin or DueKind.PrickOut
        );
        Assert.Null(SeedlingClock.Of(Run(Up()).Parts[0], Book.Of("small-camas")));
    }

    [Fact]
    public void Dividing_a_crowded_cell_keeps_every_plant()
    {
        var state = Run(
            Up(24).Add("2027-03-20", new MovedOn("1", PlantStage.Seedling, PlantStage.Potted, 6, "pots", Divided: true, PotCm: 9))
        );
        Assert.True(state.Plants.IsWhole);
        Assert.Equal((24, 6, 9.0), (state.Standing, state.Plants.At(PlantStage.Potted).Alive, state.Parts[0].PotCm));
    }

    [Fact]
    public void Food_is_asked_for_by_mix_and_by_pot_and_a_fortnight_after_the_last()
    {
        var leaves = Up().Add("2027-03-20", new TrueLeaves("1"));
        Assert.Equal(D("2027-03-27"), Only(Due(leaves, "2027-03-21"), DueKind.Feed).DueOn);
        Assert.Equal(D("2027-04-03"), Only(Due(leaves, "2027-03-21", mix: ContainerMix.WithNutrients), DueKind.Feed).DueOn);
        var fed = leaves.Add("2027-04-01", new Tended("1", Tending.Fed));
        Assert.Equal(D("2027-04-15"), Only(Due(fed, "2027-04-02"), DueKind.Feed).DueOn);
        var potted = fed.Add("2027-04-05", new MovedOn("1", PlantStage.Seedling, PlantStage.Potted, 30, PotCm: 9));
        Assert.Equal(D("2027-05-17"), Only(Due(potted, "2027-04-06"), DueKind.Feed).DueOn);
    }

    [Fact]
    public void Where_nobody_noted_true_leaves_they_are_supposed_and_fed_a_week_later()
    {
        var feeding = Only(Due(Up(), "2027-03-21"), DueKind.Feed);
        Assert.Equal(D("2027-03-29"), feeding.DueOn);
        Assert.Contains("not recorded", Assert.Single(feeding.Working), StringComparison.Ordinal);
    }

    [Fact]
    public void Nothing_is_fed_or_lit_where_nothing_grows_and_no_cap_is_taken_off_a_tray()
    {
        ConflictCode Refused(Book book) => Assert.Single(Run(book).Conflicts).Code;
        var sown = new Book().Add("2027-02-20", new Sown("1", "lamp-shelf", new(VesselKind.Tray, "tray 1", 72), Seeds: 60));
        Assert.Equal(ConflictCode.NothingGrows, Refused(new Book().Also(sown).Add("2027-02-21", new Tended("1", Tending.Fed))));
        Assert.Equal(ConflictCode.NothingGrows, Refused(new Book().Also(sown).Add("2027-02-21", new TrueLeaves("1"))));
        Assert.Equal(ConflictCode.NotOut, Refused(Up().Add("2027-03-21", new Tended("1", Tending.CapOff))));
        Assert.Empty(Run(Up().Add("2027-03-21", new Tended("1", Tending.LampsRaised))).Conflicts);
        Assert.Equal(ConflictCode.NotHardening, Refused(Up().Add("2027-03-21", new CarriedOut("1", 2))));
    }

    /// <summary>Skipping a day moves the end: domain rule; the week of seven is the shorter school.</summary>
    [Fact]
    public void Hardening_is_carried_out_day_by_day_and_a_skipped_day_moves_the_end_and_the_plan()
    {
        var book = Up()
            .Add("2027-03-20", new MovedOn("1", PlantStage.Seedling, PlantStage.Potted, 30))
            .Add("2027-05-01", new StepStarted("1", HardenOff, Place: "yard"));
        Assert.Equal(D("2027-05-01"), Only(Due(book, "2027-05-01"), DueKind.CarryOut).DueOn);
        book.Add("2027-05-01", new CarriedOut("1", 2)).Add("2027-05-02", new CarriedOut("1")).Add("2027-05-05", new CarriedOut("1", 3));
        var today = D("2027-05-06");
        var state = Run(book);
        Assert.Empty(state.Conflicts);
        var plan = HardeningSoFar.Of(Plan, state.Parts[0], Book.Of(Kind), new Dictionary<DateOnly, YardDay>(), today)!;
        Assert.Equal(
            [
                HardeningDayKind.Done,
                HardeningDayKind.Done,
                HardeningDayKind.Skipped,
                HardeningDayKind.Skipped,
                HardeningDayKind.Done,
                HardeningDayKind.Out,
            ],
            plan.Days.Take(6).Select(d => d.Kind)
        );
        // ten days of which three are done: seven more from today
        Assert.Equal(today.AddDays(7), plan.ReadyOn);
        Assert.Equal(today.AddDays(7), Only(Due(book, "2027-05-06"), DueKind.EndStep).DueOn);
        Assert.Equal(today.AddDays(7), Replan.For(Plan, state.Parts[0], today).Finish.Usual);
        Assert.Equal(today.AddDays(7), Ribbon.For(Plan, state.Parts[0], today)[^1].End);
        Assert.Equal("Day 4 of 10; 2 skipped so far, each moved the end by a day.", Only(Due(book, "2027-05-06"), DueKind.CarryOut).Cost);
        Assert.Equal(
            (D("2027-05-06"), D("2027-05-07")),
            (
                Only(Due(book, "2027-05-06"), DueKind.CarryOut).DueOn,
                Only(Due(new Book().Also(book).Add("2027-05-06", new CarriedOut("1")), "2027-05-06"), DueKind.CarryOut).DueOn
            )
        );
        // the last word on a day counts
        Assert.Equal(5, Run(book.Add("2027-05-05", new CarriedOut("1", 5))).Parts[0].DaysOut.Single(d => d.On == D("2027-05-05")).Hours);
    }

    /// <summary>Bulbs die back by early summer and come again next spring: common practice, no source.</summary>
    [Fact]
    public void What_died_back_is_looked_for_next_spring_and_the_late_ones_a_fortnight_later()
    {
        var asleep = Up().Add("2027-06-10", new DiedBack("1", PlantStage.Seedling, 30));
        var look = Only(Due(asleep, "2027-07-01"), DueKind.LookForReturn);
        Assert.Equal((D("2028-03-01"), 0), (look.DueOn, look.LateDays));
        Assert.Contains("do not tip out", look.Cost, StringComparison.Ordinal);
        var some = asleep.Add("2028-03-05", new CameAgain("1", PlantStage.Seedling, 20));
        Assert.Equal(D("2028-03-19"), Only(Due(some, "2028-04-20"), DueKind.LookForReturn).DueOn);
        Assert.DoesNotContain(Due(some.Add("2028-03-20", new CameAgain("1", PlantStage.Seedling, 10)), "2028-04-20"), d =>
            d.Kind == DueKind.LookForReturn
        );
    }

    [Fact]
    public void Seed_kept_beside_plants_that_grow_on_is_counted_in_its_next_spring()
    {
        var kept = Up().Add("2027-04-10", new StepStarted("1", GrowOn)).Add("2027-06-10", new SowingKept("1"));
        // sown on 20 February, five days at the least
        Assert.Equal(D("2028-02-25"), Only(Due(kept, "2027-07-01", "small-camas"), DueKind.CountSeedlings).DueOn);
        Assert.DoesNotContain(Due(kept.Add("2027-06-11", new SowingClosed("1")), "2027-07-01", "small-camas"), d =>
            d.Kind == DueKind.CountSeedlings
        );
    }

    [Fact]
    public void Hardened_plants_ask_for_the_ground_until_they_are_in_it()
    {
        var book = Up()
            .Add("2027-03-20", new MovedOn("1", PlantStage.Seedling, PlantStage.Potted, 30))
            .Add("2027-05-01", new StepStarted("1", HardenOff))
            .Add("2027-05-10", new MovedOn("1", PlantStage.Potted, PlantStage.Hardened, 12));
        // some still harden, so the step goes on; with the last it ends
        Assert.NotNull(Run(book).Parts[0].Open);
        book.Add("2027-05-11", new MovedOn("1", PlantStage.Potted, PlantStage.Hardened, 18));
        var waits = Only(Due(book, "2027-05-14"), DueKind.PlantOut);
        Assert.Equal((D("2027-05-11"), 3), (waits.DueOn, waits.LateDays));
        Assert.Equal(
            (D("2027-05-20"), 0),
            (
                Only(Due(book, "2027-05-14", opens: "2027-05-20"), DueKind.PlantOut).DueOn,
                Only(Due(book, "2027-05-14", opens: "2027-05-20"), DueKind.PlantOut).LateDays
            )
        );
        Assert.Empty(Due(book.Add("2027-05-15", new MovedOn("1", PlantStage.Hardened, PlantStage.Planted, 30)), "2027-05-16"));
    }

    [Fact]
    public void Potted_plants_take_room_by_the_width_of_their_pots()
    {
        // 27 × 53 cm holds 3 × 5 pots of 9 cm
        Assert.Equal((15, 2, 0.2862), (PotRoom.Of(30, 9).PerTray, PotRoom.Of(30, 9).Trays, Math.Round(PotRoom.Of(30, 9).M2, 4)));
        Assert.Equal(4, PotRoom.Of(4, 40).Trays);
        int Trays(double? cm) =>
            ShelfSpace
                .Of(
                    Plan,
                    Run(Up().Add("2027-03-20", new MovedOn("1", PlantStage.Seedling, PlantStage.Potted, 30, PotCm: cm))),
                    new Dictionary<string, PlaceKind> { ["lamp-shelf"] = PlaceKind.LampShelf },
                    D("2027-03-21"),
                    kind => kind
                )
                .First(s => s.Place == PlaceKind.LampShelf)
                .Units;
        Assert.Equal((1, 2, 4), (Trays(null), Trays(9), Trays(13)));
    }
}
