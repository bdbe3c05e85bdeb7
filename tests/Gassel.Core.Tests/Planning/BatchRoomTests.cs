using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Planning;

/// <summary>
/// Room that a batch takes from today on, counted by hand on globemallow: hot water, soak 1, cold 30, germinate 12, grow on 135, harden 10
/// days.
/// </summary>
public class BatchRoomTests
{
    private static readonly BatchPlan Plan = Book.Plan("globemallow");
    private static readonly DateOnly Start = new(2026, 12, 1);

    private static readonly Dictionary<string, PlaceKind> Kinds = UsualPlaces.Starter.ToDictionary(p => p.Id, p => p.Kind);

    private static IReadOnlyList<SpaceTaken> Of(Book book, DateOnly today) =>
        ShelfSpace.Of(Plan, book.Fold(Plan), Kinds, today, kind => kind);

    [Fact]
    public void Plants_that_were_moved_away_take_their_own_room_and_not_the_plan_s()
    {
        var plan = Book.Plan("alumroot") with { Seeds = 300, Plants = 300 };
        var book = new Book()
            .Add(Start, new StepStarted("1", 0, 300, "lamp-shelf"))
            .Add(Start.AddDays(20), new Count("1", 200, 0))
            .Add(Start.AddDays(25), new MovedOn("1", PlantStage.Seedling, PlantStage.PrickedOut, 150))
            .Add(Start.AddDays(26), new Moved("1", "heat-mat", new("1a", 10, PlantStage.PrickedOut)));
        var taken = ShelfSpace.Of(plan, book.Fold(plan), Kinds, Start.AddDays(27), kind => kind);
        Assert.Equal(1, taken.First(t => t.Place == PlaceKind.HeatMat).Units);
    }

    [Fact]
    public void Before_it_begins_it_takes_what_the_plan_says()
    {
        var taken = Of(new Book(), Start);
        Assert.Equal(
            [PlaceKind.Table, PlaceKind.ColdShelf, PlaceKind.LampShelf, PlaceKind.LampShelf, PlaceKind.Yard, PlaceKind.Yard],
            taken.Select(t => t.Place)
        );
        Assert.Equal((Start.AddDays(1), Start.AddDays(31)), (taken[1].From, taken[1].To));
        // eight weeks of growing on under the lamps, the rest in the yard
        Assert.Equal(56, taken[3].To.DayNumber - taken[3].From.DayNumber);
        Assert.All(taken, t => Assert.Equal(1, t.Units));
    }

    [Fact]
    public void What_is_over_takes_no_room_and_a_bag_moved_takes_it_where_it_stands()
    {
        var book = new Book()
            .Add(Start, new StepStarted("1", 0, 60, "table"))
            .Add(Start, new StepStarted("1", 1))
            .Add(Start.AddDays(1), new StepStarted("1", 2, null, "cold-shelf"));
        Assert.Equal(PlaceKind.ColdShelf, Of(book, Start.AddDays(5))[0].Place);
        book.Add(Start.AddDays(6), new Moved("1", "warm-shelf"));
        Assert.Equal(PlaceKind.WarmShelf, Of(book, Start.AddDays(7))[0].Place);
    }

    [Fact]
    public void A_batch_that_is_done_takes_none()
    {
        var book = new Book()
            .Add(Start, new StepStarted("1", 0, 60))
            .Add(Start.AddDays(31), new Sown("1", "lamp-shelf", new(VesselKind.Tray, "tray", 72)))
            .Add(Start.AddDays(50), new StepStarted("1", 4))
            .Add(Start.AddDays(180), new StepStarted("1", 5))
            .Add(Start.AddDays(190), new StepEnded("1", 5));
        Assert.Empty(Of(book, Start.AddDays(191)));
    }

    /// <summary>A dust-fine sowing of 300 in one tray of cells is one tray, not five.</summary>
    [Fact]
    public void A_tray_that_stands_there_is_one_tray_whatever_is_in_it()
    {
        var plan = Book.Plan("alumroot") with { Seeds = 300, Plants = 60 };
        var book = new Book().Add(Start, new StepStarted("1", 0, 300, "lamp-shelf", new(VesselKind.Tray, "tray 7", 72)));
        Assert.All(ShelfSpace.Of(plan, book.Fold(plan), Kinds, Start.AddDays(3), kind => kind), t => Assert.Equal(1, t.Units));
        Assert.Equal(5, ShelfSpace.Of(plan, new Book().Fold(plan), Kinds, Start, kind => kind)[0].Units);
    }

    /// <summary>No mat where the top of the band is 18 °C or less; common practice, no source.</summary>
    [Theory]
    [InlineData(2, 12, PlaceKind.Yard)]
    [InlineData(10, 18, PlaceKind.LampShelf)]
    [InlineData(15, 22, PlaceKind.LampShelf)]
    [InlineData(18, 18, PlaceKind.LampShelf)]
    [InlineData(18, 24, PlaceKind.HeatMat)]
    public void Trays_germinate_where_their_band_wants_them(double lowC, double highC, PlaceKind place) =>
        Assert.Equal(place, UsualPlaces.For(RouteSetting.Indoors, new(StepKind.Germinate, new(5, 10, 20), new(lowC, highC))));
}
