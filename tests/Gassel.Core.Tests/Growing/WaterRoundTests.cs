using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Growing;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Growing;

/// <summary>Water, looked at by place. Facts: common practice, no source, unless an assumption of ours is named.</summary>
public class WaterRoundTests
{
    private static readonly Place Mat = new("heat-mat", "Heat mat", PlaceKind.HeatMat, 24);
    private static readonly Place Shelf = new("lamp-shelf", "Lamp shelf", PlaceKind.LampShelf, 18);
    private static readonly Place Yard = new("yard", "Yard", PlaceKind.Yard, 5);
    private static readonly Dictionary<DateOnly, YardDay> NoSky = [];

    private static DateTimeOffset At(string text) =>
        DateTimeOffset.Parse(text + "-07:00", System.Globalization.CultureInfo.InvariantCulture);

    private static readonly DateTimeOffset Morning = At("2027-03-10T07:00");

    private static Book Sown() => Book.SownBalsamroot();

    private static WaterRound? Of(
        Book book,
        Place place,
        DateTimeOffset now,
        string species = "balsamroot",
        IReadOnlyDictionary<DateOnly, YardDay>? sky = null
    ) =>
        WaterRound.Of(
            place,
            BatchFold.Run(Book.Plan(), book.Entries).Living.Select(p => (Guid.Empty, 1, p, Book.Of(species))),
            sky ?? NoSky,
            now
        );

    private static Book Looked(Book book, string at, SurfaceSeen seen = SurfaceSeen.Moist, WaterGiven given = WaterGiven.None)
    {
        var moment = At(at);
        return book.At(moment, new WaterLooked("1", seen, given));
    }

    [Theory]
    [InlineData(LookPace.TwiceADay, "2027-03-10T18:00", true)]
    [InlineData(LookPace.Daily, "2027-03-10T18:00", false)]
    [InlineData(LookPace.Daily, "2027-03-11T07:00", true)]
    [InlineData(LookPace.EverySecondDay, "2027-03-11T07:00", false)]
    [InlineData(LookPace.EverySecondDay, "2027-03-12T07:00", true)]
    [InlineData(LookPace.Weekly, "2027-03-16T07:00", false)]
    [InlineData(LookPace.Weekly, "2027-03-17T07:00", true)]
    public void A_place_is_looked_round_as_often_as_its_grower_does(LookPace looks, string now, bool asks) =>
        Assert.Equal(asks, Of(Looked(Sown(), "2027-03-10T07:00"), Shelf with { Looks = looks }, At(now)) is not null);

    [Fact]
    public void Seed_in_a_bag_and_a_plant_in_the_ground_ask_for_no_look()
    {
        var bag = new Book().Add("2026-12-01", new StepStarted("1", 0, 60, "cold-shelf", new(VesselKind.Bag, "bag 1")));
        Assert.Null(Of(bag, Shelf, Morning));
        var planted = Sown()
            .Add("2027-03-01", new Count("1", 30, 0))
            .Add("2027-03-02", new SowingClosed("1"))
            .Add("2027-03-05", new MovedOn("1", PlantStage.Seedling, PlantStage.Planted, 30));
        Assert.Null(Of(planted, Yard, Morning));
    }

    /// <summary>240 to 480 ml a tray, or 1 to 2 cups: common practice, no source; by cells and pots: our assumption.</summary>
    [Theory]
    [InlineData(72, "240–480 ml", "1–2 cups")]
    [InlineData(36, "240–480 ml", "1–2 cups")]
    [InlineData(18, "120–240 ml", "0.5–1 cups")]
    public void A_smaller_tray_drinks_its_share(int cells, string metric, string cups)
    {
        var book = new Book().Add("2027-03-01", new Sown("1", "lamp-shelf", new(VesselKind.Tray, "tray 1", cells), Seeds: 60));
        var need = Assert.Single(Of(book, Shelf, Morning)!.Parts);
        Assert.Equal(metric, new Speaker(Units.Metric).Say(need.Drinks!));
        Assert.Equal(cups, new Speaker(Units.UnitedStates).Say(need.Drinks!));
    }

    [Fact]
    public void A_tray_that_two_parts_share_drinks_once_and_what_has_no_size_is_named()
    {
        static PartState Part(Vessel vessel) =>
            new Book().Add("2027-03-01", new Sown("1", "lamp-shelf", vessel, Seeds: 60)).Fold().Parts[0];
        var tray = Part(new(VesselKind.Tray, "tray 1", 72));
        var all = WaterAmount.All([tray, tray, Part(new(VesselKind.Flat, "flat 2")), Part(new(VesselKind.Pot, "pot 3"))]);
        Assert.Equal("480–960 ml in all, without 1 of unknown size", new Speaker(Units.Metric).Say(all!));
        Assert.Equal("1.2–2.4 l", new Speaker(Units.Metric).Say(WaterAmount.Words(5)));
    }

    [Fact]
    public void Always_wet_kinds_get_rain_water()
    {
        var bog = Book.Of("balsamroot") with { Water = WaterRegime.NeverDry };
        var there = BatchFold.Run(Book.Plan(), Sown().Entries).Living.Select(p => (Guid.Empty, 1, p, bog));
        Assert.Contains("Rain water for B-1", WaterRound.Of(Shelf, there, NoSky, Morning)!.HowTo, StringComparison.Ordinal);
        Assert.DoesNotContain("Rain water", Of(Sown(), Shelf, Morning)!.HowTo, StringComparison.Ordinal);
    }

    [Fact]
    public void What_nobody_looked_at_is_due_and_not_late()
    {
        var round = Of(Sown(), Shelf, Morning)!;
        Assert.Equal((1, 0), (round.Parts.Count, round.LateDays));
    }

    [Fact]
    public void A_shelf_is_looked_at_once_a_day_and_a_mat_morning_and_evening()
    {
        var looked = Looked(Sown(), "2027-03-10T06:00");
        Assert.Null(Of(looked, Shelf, At("2027-03-10T18:00")));
        Assert.Null(Of(looked, Mat, At("2027-03-10T12:00")));
        Assert.NotNull(Of(looked, Mat, At("2027-03-10T18:00")));
        Assert.Null(Of(Looked(looked, "2027-03-10T17:30"), Mat, At("2027-03-10T18:00")));
        Assert.Equal(0, Of(looked, Shelf, At("2027-03-11T06:00"))!.LateDays);
        Assert.Equal(2, Of(looked, Shelf, At("2027-03-13T06:00"))!.LateDays);
    }

    [Fact]
    public void Dust_fine_seed_and_seed_on_the_surface_never_dry_and_dormant_plants_stay_on_the_dry_side()
    {
        PartState Part(Book book) => BatchFold.Run(Book.Plan(), book.Entries).Living.Single();
        Assert.Equal(WaterRegime.SurfaceDries, WaterRegimes.Of(Part(Sown()), Book.Of("balsamroot")).Regime);
        Assert.Equal(WaterRegime.NeverDry, WaterRegimes.Of(Part(Sown()), Book.Of("alumroot")).Regime);
        Assert.Equal(WaterRegime.DrySide, WaterRegimes.Of(Part(Sown()), Book.Of("balsamroot") with { Water = WaterRegime.DrySide }).Regime);
        var asleep = Sown().Add("2027-03-01", new Count("1", 30, 0)).Add("2027-06-01", new DiedBack("1", PlantStage.Seedling, 30));
        Assert.Equal(WaterRegime.DrySide, WaterRegimes.Of(Part(asleep), Book.Of("alumroot")).Regime);
        // and is looked at once a week (our assumption)
        var looked = Looked(asleep, "2027-06-02T06:00");
        Assert.Null(Of(looked, Mat, At("2027-06-08T18:00")));
        Assert.NotNull(Of(looked, Mat, At("2027-06-09T06:00")));
    }

    [Fact]
    public void What_a_grower_entered_goes_before_what_the_seed_tells()
    {
        var part = BatchFold.Run(Book.Plan(), Sown().Entries).Living.Single();
        var alumroot = Book.Of("alumroot");
        Assert.Equal(WaterRegime.NeverDry, WaterRegimes.OfSeed(part, alumroot).Regime);
        Assert.Equal(WaterRegime.SurfaceDries, WaterRegimes.OfSeed(part, alumroot with { Water = WaterRegime.SurfaceDries }).Regime);
    }

    [Fact]
    public void In_the_open_rain_and_cold_spare_a_look_and_unknown_weather_does_not()
    {
        YardDay Day(double mean, bool wet, int before = 0) =>
            new(new DateOnly(2027, 3, 11).AddDays(-before), mean - 4, mean + 4, 0, wet, null, YardDaySource.Outlook);
        IReadOnlyDictionary<DateOnly, YardDay> Sky(params YardDay[] days) => days.ToDictionary(d => d.Date);
        var looked = Looked(Sown(), "2027-03-10T06:00");
        var now = At("2027-03-11T06:00");
        Assert.NotNull(Of(looked, Yard, now));
        Assert.NotNull(Of(looked, Yard, now, sky: Sky(Day(12, false))));
        Assert.Null(Of(looked, Yard, now, sky: Sky(Day(12, true))));
        Assert.Null(Of(looked, Yard, now, sky: Sky(Day(12, false), Day(12, true, before: 1))));
        Assert.Null(Of(looked, Yard, now, sky: Sky(Day(2, false))));
        Assert.NotNull(Of(looked, Yard, At("2027-03-13T06:00"), sky: Sky(Day(2, false) with { Date = new(2027, 3, 13) })));
    }

    [Fact]
    public void Watered_from_below_asks_to_tip_the_rest_out_after_twenty_minutes()
    {
        var soaked = Looked(Sown(), "2027-03-10T07:00", SurfaceSeen.Dry, WaterGiven.FromBelow);
        var round = Of(soaked, Shelf, At("2027-03-10T07:05"))!;
        Assert.Empty(round.Parts);
        Assert.Equal(At("2027-03-10T07:20"), round.TipOutAt);
        Assert.Null(Of(soaked, Shelf, At("2027-03-10T10:00")));
        Assert.Null(Of(Looked(Sown(), "2027-03-10T07:00", SurfaceSeen.Dry, WaterGiven.FromAbove), Shelf, At("2027-03-10T07:05")));
    }

    [Fact]
    public void What_is_not_sown_has_no_water_to_look_at()
    {
        var bag = new Book()
            .Add("2026-12-01", new StepStarted("1", 0, 60, "cold-shelf", new(VesselKind.Bag, "bag 1")))
            .Add("2026-12-02", new WaterLooked("1", SurfaceSeen.Moist));
        Assert.Equal(ConflictCode.NotSown, Assert.Single(bag.Fold().Conflicts).Code);
    }
}
