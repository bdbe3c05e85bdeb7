using Gassel.Core.Climate;
using Gassel.Core.Germination;
using Gassel.Core.Places;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;

namespace Gassel.Core.Tests.Planning;

/// <summary>Which sowings tell of their warmth, on batches of the test book.</summary>
public class OwnWarmthTests
{
    private static readonly Species Balsamroot = Book.Of("balsamroot");
    private static readonly DateOnly Sown = new(2027, 2, 20);

    private static readonly Dictionary<string, Place> Places = new()
    {
        ["lamp-shelf"] = new("lamp-shelf", "Lamp shelf", PlaceKind.LampShelf, 20),
    };

    private static Book Counted(Book sown) =>
        sown.Add("2027-03-02", new Count("1", 12, 0)).Add("2027-03-06", new Count("1", 20, 0)).Add("2027-03-20", new Count("1", 0, 0));

    private static WarmSowing? Told(Book book, Temperatures known)
    {
        var (plan, state) = (Book.Plan(), book.Fold());
        return OwnWarmth.Of(7, plan, state.Parts[0], new PlaceDays(Places, known, Balsamroot.ResponseToCold));
    }

    [Fact]
    public void Days_from_sowing_to_the_last_count_have_the_temperature_that_was_measured()
    {
        var sowing = Told(Counted(Book.SownBalsamroot()), new Temperatures().Days("lamp-shelf", Sown, new(2027, 3, 20), 17))!;
        Assert.Equal((7, 28), (sowing.Batch, sowing.Days.Count));
        Assert.Equal([(10, 12), (14, 20), (28, 0)], sowing.Counts.Select(c => ((int)c.Day, c.Emerged)));
        Assert.All(sowing.Days, day => Assert.Equal((17, 17), (day.MinC, day.MaxC)));
        Assert.Equal((10, 14), sowing.Half());
    }

    [Fact]
    public void What_is_set_for_a_place_is_no_measurement_and_a_thermometer_read_by_eye_is_one()
    {
        var sown = Counted(Book.SownBalsamroot());
        Assert.Null(Told(sown, new Temperatures()));
        // 20 of 28 days are less than four in five
        Assert.Null(Told(sown, new Temperatures().Days("lamp-shelf", Sown, Sown.AddDays(19), 17)));
        Assert.Equal(16, Told(sown, new Temperatures().Type("lamp-shelf", Sown, 16))!.Days[27].MinC);
    }

    [Fact]
    public void Seed_that_had_sprouted_before_it_was_sown_tells_nothing_of_its_warmth()
    {
        var sprouted = new Book()
            .Add("2026-12-01", new StepStarted("1", 0, 60, "cold-shelf", new(VesselKind.Bag, "bag 1")))
            .Add("2027-02-18", new Check("1", Moisture.Right, MouldSeen.None, 5))
            .Add("2027-02-20", new Sown("1", "lamp-shelf", new(VesselKind.Tray, "tray 1", 72)));
        Assert.Null(Told(Counted(sprouted), new Temperatures().Type("lamp-shelf", Sown, 16)));
    }

    [Fact]
    public void Days_by_own_warmth_are_for_routes_indoors_and_where_sowings_tell_them()
    {
        var prior = OwnWarmth.Before(Balsamroot)!;
        // balsamroot comes up at 4 to 12 °C; sowings there tell it, and days between a week and years are no days
        var sowing = Told(Counted(Book.SownBalsamroot()), new Temperatures().Days("lamp-shelf", Sown, new(2027, 3, 20), 8))!;
        var learned = WarmthFit.Fit([.. Enumerable.Range(1, 5).Select(n => sowing with { Batch = n })], prior);
        var (indoors, outdoors) = (Balsamroot.Routes.First(r => !r.IsOutdoors), Balsamroot.Routes.First(r => r.IsOutdoors));
        var days = EmergenceDays.By(learned, Balsamroot, indoors)!.Value;
        Assert.True(days.Shortest is >= 4 and <= 10 && days.Usual is >= 10 and <= 14 && days.Longest is >= 14 and <= 30, $"{days}");
        Assert.Null(EmergenceDays.By(learned, Balsamroot, outdoors));
        Assert.Null(EmergenceDays.By(WarmthLearned.Before(prior), Balsamroot, indoors));
        Assert.Null(EmergenceDays.By(null, Balsamroot, indoors));
    }

    [Fact]
    public void Outdoors_own_warmth_stands_for_the_days_of_the_route()
    {
        var route = Balsamroot.Routes.First(r => r.Setting == RouteSetting.WinterContainer);
        var learned = WarmthLearned.Before(OwnWarmth.Before(Balsamroot)!) with { Rate = new(2, 15, 25), Half = 80, Shape = 5 };
        var (by, own) = (SpeciesOutdoors.NeedOf(Balsamroot, route)!, SpeciesOutdoors.NeedOf(Balsamroot, route, learned)!);
        Assert.False(by.IsOwnWarmth);
        Assert.True(own.IsOwnWarmth);
        Assert.Equal((learned.Rate, learned.Need), (own.Rate, own.ThermalTime));
        Assert.Equal(by with { Rate = own.Rate, ThermalTime = own.ThermalTime, IsOwnWarmth = true }, own);
    }

    [Fact]
    public void A_container_says_that_it_goes_by_own_sowings()
    {
        var route = Balsamroot.Routes.First(r => r.Setting == RouteSetting.WinterContainer);
        var learned = WarmthLearned.Before(OwnWarmth.Before(Balsamroot)!);
        var hours = Weathers.ClearDays(4, 1, 13, 600);
        var run = new ContainerModel(ContainerParameters.Of(ContainerPreset.Jug4)).Run(hours, _ => Weathers.CapOff);
        var days = hours.Select(h => h.Date).Distinct().Select(d => new YardDay(d, 1, 13, 0, null, null, YardDaySource.Recorded)).ToList();
        IReadOnlyList<string> Working(WarmthLearned? own) =>
            ContainerTale.Of(run, days, SpeciesOutdoors.NeedOf(Balsamroot, route, own)!, south: false).Working;
        Assert.Contains(Working(learned), w => w.Contains("by your own sowings indoors", StringComparison.Ordinal));
        Assert.DoesNotContain(Working(null), w => w.Contains("your own sowings", StringComparison.Ordinal));
    }

    [Fact]
    public void Fewer_than_three_sowings_leave_the_days_of_the_route_and_say_what_is_needed()
    {
        var sowing = Told(Counted(Book.SownBalsamroot()), new Temperatures().Type("lamp-shelf", Sown, 16))!;
        var lesson = WarmthLesson.Of(OwnWarmth.Before(Balsamroot)!, [sowing], leftOut: 2);
        Assert.Null(lesson.Used);
        Assert.NotNull(lesson.Learned);
        Assert.Contains("1 finished sowing", lesson.Words(), StringComparison.Ordinal);
        Assert.Contains("3 are needed", lesson.Words(), StringComparison.Ordinal);
        Assert.Contains(lesson.Working(), w => w.Contains("2 sowings are left out", StringComparison.Ordinal));
    }
}
