using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Planning;
using Gassel.Core.Record;

namespace Gassel.Core.Tests.Due;

/// <summary>
/// Seedlings need about eight weeks to root before hard frost; if they will not have them they go under lamps until spring, are planted and
/// covered, or overwinter in pots in the frame: common practice, no source.
/// </summary>
public class WinterTests
{
    private static readonly BatchPlan Plan = Book.Plan("globemallow", "2026-07-10");

    private static DateOnly D(string day) => DateOnly.ParseExact(day, "yyyy-MM-dd");

    private static Book Potted() =>
        new Book()
            .Add("2026-08-01", new Sown("1", "lamp-shelf", new(VesselKind.Tray, "tray 1", 72), Seeds: 60))
            .Add("2026-08-12", new Count("1", 30, 0))
            .Add("2026-09-10", new MovedOn("1", PlantStage.Seedling, PlantStage.Potted, 30, PotCm: 9));

    private static BatchState Run(Book book) => BatchFold.Run(Plan, book.Entries);

    private static WinterWays? Ways(Book book, string today) => WinterWays.Of(Run(book).Parts[0], "10-05", "05-08", "by hand", D(today));

    private static IReadOnlyList<DueItem> Due(Book book, string today) => DueWork.For(Plan, Run(book), Book.Of("globemallow"), D(today));

    [Fact]
    public void The_ways_are_offered_from_eight_weeks_before_the_frost_to_a_month_before_the_last()
    {
        Assert.Null(Ways(Potted(), "2026-08-05"));
        var autumn = Ways(Potted(), "2026-09-12")!;
        Assert.Equal((true, D("2026-10-05"), D("2027-05-08")), (autumn.IsLate, autumn.FirstFrost, autumn.LastFrost));
        Assert.Equal([WinterWay.UnderLamps, WinterWay.PotsInFrame, WinterWay.PlantAndCover], autumn.Options.Select(o => o.Way));
        // in January the winter that is meant is the one that runs, and nobody plants any more
        var january = Ways(Potted().Add("2026-10-01", Chosen(WinterWay.PotsInFrame)), "2027-01-15")!;
        Assert.Equal((D("2026-10-05"), D("2027-05-08")), (january.FirstFrost, january.LastFrost));
        Assert.DoesNotContain(january.Options, o => o.Way == WinterWay.PlantAndCover);
        // what is small by then and chose none is this spring's
        Assert.Null(Ways(Potted(), "2027-01-15"));
        Assert.Null(Ways(Potted().Add("2026-10-01", Chosen(WinterWay.PotsInFrame)), "2027-04-20"));
        Assert.False(Ways(Potted(), "2026-08-10")!.IsLate);
    }

    [Fact]
    public void What_is_planted_or_not_up_has_no_winter_to_choose()
    {
        Assert.Null(Ways(Potted().Add("2026-09-11", new MovedOn("1", PlantStage.Potted, PlantStage.Planted, 30)), "2026-09-12"));
        var bare = Run(new Book().Add("2026-08-01", new Sown("1", null, null, Seeds: 60)).Add("2026-08-02", Chosen(WinterWay.UnderLamps)));
        Assert.Equal(ConflictCode.NothingGrows, Assert.Single(bare.Conflicts).Code);
        Assert.Equal(ConflictCode.NotOverwintering, Assert.Single(Run(Potted().Add("2026-09-12", new WinterEnded("1"))).Conflicts).Code);
    }

    private static WinterChosen Chosen(WinterWay way) => new("1", way, D("2027-05-08"));

    [Fact]
    public void On_its_way_it_is_looked_over_and_out_on_its_day_without_food_in_the_frame()
    {
        var book = Potted().Add("2026-10-01", Chosen(WinterWay.PotsInFrame));
        Assert.Equal(D("2026-10-15"), Due(book, "2026-10-02").Single(d => d.Kind == DueKind.WinterLook).DueOn);
        Assert.DoesNotContain(Due(book, "2026-12-02"), d => d.Kind == DueKind.Feed);
        book.Add("2026-10-16", new Tended("1", Tending.WinterLooked));
        Assert.Equal(D("2026-10-30"), Due(book, "2026-10-17").Single(d => d.Kind == DueKind.WinterLook).DueOn);
        Assert.Equal(D("2027-05-08"), Due(book, "2026-10-17").Single(d => d.Kind == DueKind.EndWinter).DueOn);
        // said again, it is the new way
        book.Add("2026-11-01", Chosen(WinterWay.UnderLamps));
        Assert.Equal(WinterWay.UnderLamps, Run(book).Parts[0].Winter!.Way);
        book.Add("2027-05-02", new WinterEnded("1"));
        Assert.DoesNotContain(Due(book, "2027-05-03"), d => d.Kind is DueKind.WinterLook or DueKind.EndWinter);
        Assert.Contains(Due(book, "2027-05-03"), d => d.Kind == DueKind.Feed);
    }
}
