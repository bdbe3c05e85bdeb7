using Gassel.Core.Closing;
using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Core.Tests.Closing;

/// <summary>Batches that live through two winters or more. The entries are made for the test.</summary>
public class LongRecordTests
{
    private static readonly BatchPlan Camas = Book.Plan("small-camas", "2026-12-01");

    private static LongRecord? Record(Book book, string today, bool south = false) =>
        LongRecord.Of(
            Guid.NewGuid(),
            7,
            Book.Of("small-camas"),
            Camas,
            BatchFold.Run(Camas, book.Entries),
            south,
            DateOnly.ParseExact(today, "yyyy-MM-dd")
        );

    private static Book Sown() =>
        new Book()
            .Add("2026-12-01", new StepStarted("1", 0, 60, "cold-shelf"))
            .Add("2027-02-26", new Sown("1", "yard", new(VesselKind.DeepCells, "deep cells 7", 60)))
            .Add("2027-03-20", new Count("1", 12, 0))
            .Add("2027-04-02", new Count("1", 8, 1));

    [Fact]
    public void A_bulb_is_followed_over_its_winters_to_planting_size()
    {
        var book = Sown().Add("2027-06-10", new DiedBack("1", PlantStage.Seedling, 19)).Add("2027-06-12", new SowingKept("1"));
        var asleep = Record(book, "2027-09-01")!;
        Assert.Equal(1, asleep.WintersSoFar);
        Assert.True(asleep.WintersInAll >= 2);
        Assert.NotNull(asleep.PlantableOn);
        Assert.Contains(
            "19 dormant, alive: keep barely moist and cool, do not tip out; 40 seeds kept for another spring",
            asleep.Words,
            StringComparison.Ordinal
        );

        var second = Record(
            book.Add("2028-03-25", new CameAgain("1", PlantStage.Seedling, 17)).Add("2028-04-05", new Count("1", 9, 0)),
            "2028-04-10"
        )!;
        Assert.Equal(2, second.WintersSoFar);
        // seedlings of one spring stand together, those of the next apart
        Assert.Equal([20, 9], second.Events.Where(e => e.Kind == LongEventKind.Up).Select(e => e.Plants!.Value));
        Assert.Equal(
            [
                LongEventKind.Cold,
                LongEventKind.Sown,
                LongEventKind.Up,
                LongEventKind.DiedBack,
                LongEventKind.Kept,
                LongEventKind.CameAgain,
                LongEventKind.Up,
            ],
            second.Events.Select(e => e.Kind)
        );
        Assert.True(second.Plants.IsWhole);
    }

    [Fact]
    public void The_middle_of_winter_is_half_a_year_away_in_the_south()
    {
        Assert.Equal(0, Record(Sown(), "2027-06-30", south: true)!.WintersSoFar);
        Assert.Equal(1, Record(Sown(), "2027-07-02", south: true)!.WintersSoFar);
    }

    [Fact]
    public void What_is_closed_or_has_nothing_alive_is_not_followed()
    {
        Assert.Null(Record(Sown().Add("2027-05-01", new Closed()), "2027-06-01"));
        Assert.Null(Record(Sown().Add("2027-05-01", new Count("1", 0, 19)).Add("2027-05-02", new SowingClosed("1")), "2027-06-01"));
        Assert.Null(Record(new Book(), "2027-06-01"));
    }
}
