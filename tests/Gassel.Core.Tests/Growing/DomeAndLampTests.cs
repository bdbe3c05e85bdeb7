using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Growing;
using Gassel.Core.Record;

namespace Gassel.Core.Tests.Growing;

/// <summary>
/// Domes are aired one to two hours a day while they are on; lamps are set before the first seedling and raised after two to four weeks:
/// common practice, no source.
/// </summary>
public class DomeAndLampTests
{
    private static readonly BatchPlan Plan = Book.Plan("globemallow", "2027-01-10");
    private static readonly Place Shelf = new("lamp-shelf", "Lamp shelf", PlaceKind.LampShelf, 18);
    private static readonly Guid Batch = Guid.NewGuid();

    private static DateOnly D(string day) => DateOnly.ParseExact(day, "yyyy-MM-dd");

    private static Book Sown(bool dome = true) =>
        new Book().Add("2027-02-20", new Sown("1", "lamp-shelf", new(VesselKind.Tray, "tray 1", 72), Seeds: 60, Dome: dome));

    private static PartState Part(Book book)
    {
        var state = BatchFold.Run(Plan, book.Entries);
        Assert.Empty(state.Conflicts);
        return state.Parts[0];
    }

    private static DomeAiring? Air(Book book, string today) => DomeAiring.Of([(Batch, 7, Part(book))], D(today));

    private static LampLook? Lamps(Book book, string today) => LampLook.Of(Shelf, [(Batch, Plan, Part(book))], D(today));

    [Fact]
    public void A_dome_is_aired_every_day_while_it_is_on()
    {
        Assert.Null(Air(Sown(), "2027-02-20"));
        Assert.Equal((1, 0), (Air(Sown(), "2027-02-21")!.Parts.Count, Air(Sown(), "2027-02-21")!.LateDays));
        Assert.Equal(2, Air(Sown(), "2027-02-23")!.LateDays);
        var aired = Sown().Add("2027-02-23", new Tended("1", Tending.DomeAired));
        Assert.Null(Air(aired, "2027-02-23"));
        Assert.NotNull(Air(aired, "2027-02-24"));
        Assert.Null(Air(aired.Add("2027-02-24", new DomeOff("1")), "2027-02-25"));
        Assert.Null(Air(Sown(dome: false), "2027-02-25"));
    }

    [Fact]
    public void No_dome_is_aired_that_is_not_there()
    {
        var state = BatchFold.Run(Plan, Sown(dome: false).Add("2027-02-23", new Tended("1", Tending.DomeAired)).Entries);
        Assert.Equal(ConflictCode.NoDome, Assert.Single(state.Conflicts).Code);
    }

    [Fact]
    public void Lamps_are_set_before_the_first_seedling_and_raised_a_fortnight_later()
    {
        var shortest = Plan.Steps[Plan.GerminateStep!.Value].Step.Days.Shortest;
        var expected = D("2027-02-20").AddDays(shortest);
        var hang = Lamps(Sown(), "2027-02-21")!;
        Assert.Equal(expected.AddDays(-1), hang.DueOn);
        Assert.Contains("before the first seedling", hang.Words, StringComparison.Ordinal);
        var set = Sown().Add("2027-02-23", new Tended("1", Tending.LampsRaised));
        Assert.Null(Lamps(set, "2027-03-01"));
        // then by the age of the first seedling
        var up = set.Add("2027-03-01", new Count("1", 3, 0));
        Assert.Equal(D("2027-03-15"), Lamps(up, "2027-03-02")!.DueOn);
        var raised = up.Add("2027-03-16", new Tended("1", Tending.LampsRaised));
        Assert.Equal((D("2027-03-30"), D("2027-03-16")), (Lamps(raised, "2027-03-17")!.DueOn, Lamps(raised, "2027-03-17")!.LastOn));
        // nobody ever set them: they should have hung already
        var never = Sown().Add("2027-03-01", new Count("1", 3, 0));
        Assert.Equal((D("2027-03-01"), 4), (Lamps(never, "2027-03-05")!.DueOn, Lamps(never, "2027-03-05")!.LateDays));
    }

    /// <summary>Schools: at half of the seedlings expected; a few days after the first.</summary>
    [Theory]
    [InlineData(DomeSchool.WhicheverFirst, "2027-03-05")]
    [InlineData(DomeSchool.FewDaysAfterFirst, "2027-03-05")]
    [InlineData(DomeSchool.HalfOfExpected, "2027-03-09")]
    public void A_dome_comes_off_by_the_school_of_the_site(DomeSchool school, string due)
    {
        var plan = Plan with { Forecast = new(0.5, 0.3, 0.7, "invented") };
        var book = Sown().Add("2027-03-01", new Count("1", 3, 0)).Add("2027-03-09", new Count("1", 14, 0));
        DueItem? Off(Book b) =>
            DueWork
                .For(plan, BatchFold.Run(plan, b.Entries), Book.Of("globemallow"), D("2027-03-10"), new(Dome: school))
                .SingleOrDefault(d => d.Kind == DueKind.TakeDomeOff);
        Assert.Equal(D(due), Off(book)!.DueOn);
        // fewer than half of the thirty expected: one school waits for them
        var few = Sown().Add("2027-03-01", new Count("1", 3, 0));
        Assert.Equal(school == DomeSchool.HalfOfExpected, Off(few) is null);
    }
}
