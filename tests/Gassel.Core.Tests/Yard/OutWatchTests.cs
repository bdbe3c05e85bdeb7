using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;

namespace Gassel.Core.Tests.Yard;

/// <summary>
/// All that stands out and is no winter container. A frame is vented at about 21 °C, shut before sunset and covered below the hardiness of
/// its most tender content; fresh plantings are watched for three weeks: common practice, no source.
/// </summary>
public class OutWatchTests
{
    private static readonly DateTimeOffset Noon = new(2027, 4, 10, 12, 0, 0, TimeSpan.FromHours(-6));
    private static readonly DateOnly Today = new(2027, 4, 10);
    private static readonly Place Yard = new("yard", "Yard", PlaceKind.Yard, 5);
    private static readonly Place Frame = new("frame", "North frame", PlaceKind.ColdFrame, 12);

    private static Species Of(SeedlingHardiness hardiness) => Book.Of("globemallow") with { Hardiness = hardiness };

    private static readonly BatchPlan Plan = Book.Plan("globemallow", "2026-12-10");
    private static readonly int HardenOff = Plan.Steps.ToList().FindIndex(s => s.Step.Kind == StepKind.HardenOff);

    private static Book Potted() =>
        new Book()
            .Add("2027-01-20", new Sown("1", "lamp-shelf", new(VesselKind.Tray, "tray 1", 72), Seeds: 60))
            .Add("2027-02-01", new Count("1", 30, 0))
            .Add("2027-03-01", new MovedOn("1", PlantStage.Seedling, PlantStage.Potted, 30));

    private static OutPart Part(Book book, int number = 1, SeedlingHardiness hardiness = SeedlingHardiness.Hardy)
    {
        var state = BatchFold.Run(Plan, book.Entries);
        Assert.Empty(state.Conflicts);
        return new(Guid.NewGuid(), number, Plan, state.Parts[0], Of(hardiness));
    }

    /// <summary>Lows and highs from today on.</summary>
    private static Dictionary<DateOnly, YardDay> Sky(params (double Min, double Max)[] days) =>
        days.Select((d, i) => new YardDay(Today.AddDays(i), d.Min, d.Max, 0, false, null, YardDaySource.Outlook)).ToDictionary(d => d.Date);

    private static IReadOnlyList<OutWarning> At(
        Place place,
        Dictionary<DateOnly, YardDay> sky,
        DateTimeOffset now,
        params OutPart[] parts
    ) => OutWatch.Of(place, parts, sky, now, 46.8);

    private static OutWarning? Find(IReadOnlyList<OutWarning> warnings, OutWarningKind kind) =>
        warnings.SingleOrDefault(w => w.Kind == kind);

    [Fact]
    public void A_freeze_is_told_by_what_each_stands_and_by_how_hardened_it_is()
    {
        var sky = Sky((4, 12), (-2, 10), (3, 12));
        // not hardened off, none below freezing
        var soft = Find(At(Yard, sky, Noon, Part(Potted())), OutWarningKind.Freeze)!;
        Assert.Equal((Today.AddDays(1), -3.0, Tending.Covered), (soft.On, soft.WorstC, soft.Do!.Value));
        Assert.Contains("not hardened off", soft.Reason, StringComparison.Ordinal);
        // hardened, the kind survives to −4 °C
        var hard = Part(Potted().Add("2027-04-01", new MovedOn("1", PlantStage.Potted, PlantStage.Hardened, 30)));
        Assert.Null(Find(At(Yard, sky, Noon, hard), OutWarningKind.Freeze));
        Assert.NotNull(Find(At(Yard, Sky((4, 12), (-4, 10)), Noon, hard), OutWarningKind.Freeze));
        // half of its days out: half of the way
        var half = Potted().Add("2027-04-01", new StepStarted("1", HardenOff));
        for (var day = 1; day <= Plan.Steps[HardenOff].PlannedDays / 2; day++)
            half.Add(new DateOnly(2027, 4, day), new CarriedOut("1", 2));
        Assert.Equal(-2, Part(half).StandsC(Today), 1);
        // a frame keeps three degrees
        Assert.Null(Find(At(Frame, sky, Noon, Part(Potted())), OutWarningKind.Freeze));
    }

    /// <summary>What came up outdoors knows no other air; what was carried out is hardened by standing there (our assumption).</summary>
    [Fact]
    public void What_stands_outdoors_is_hardened_by_it_and_nothing_dies_above_freezing()
    {
        Assert.Equal(-4, (Part(Potted()) with { OutSince = new(2027, 1, 20) }).StandsC(Today));
        Assert.Equal(-2, (Part(Potted()) with { OutSince = Today.AddDays(-5) }).StandsC(Today));
        Assert.Equal(-4, (Part(Potted()) with { OutSince = Today.AddDays(-30) }).StandsC(Today));
        var justUp = Part(
            new Book().Add("2027-04-01", new Sown("1", "lamp-shelf", null, Seeds: 60)).Add("2027-04-08", new Count("1", 30, 0))
        );
        Assert.Equal(0, justUp.StandsC(Today));
    }

    [Fact]
    public void The_most_tender_decides_and_the_morning_that_is_past_is_no_danger()
    {
        var sky = Sky((-9, 12), (-2, 10));
        var hard = Part(Potted().Add("2027-04-01", new MovedOn("1", PlantStage.Potted, PlantStage.Hardened, 30)), 1);
        var tender = Part(
            Potted().Add("2027-04-01", new MovedOn("1", PlantStage.Potted, PlantStage.Hardened, 30)),
            2,
            SeedlingHardiness.Tender
        );
        var warning = Find(At(Yard, sky, Noon, hard, tender), OutWarningKind.Freeze)!;
        Assert.Equal(Today.AddDays(1), warning.On);
        Assert.Equal([2], warning.Parts.Select(p => p.Number));
        Assert.Equal(2, Find(At(Yard, sky, Noon.AddHours(-8), hard, tender), OutWarningKind.Freeze)!.Parts.Count);
    }

    [Fact]
    public void Covered_is_three_degrees_and_comes_off_again()
    {
        var covered = Part(Potted().Add("2027-04-09", new Tended("1", Tending.Covered)));
        Assert.Null(Find(At(Yard, Sky((4, 12), (-1, 10)), Noon, covered), OutWarningKind.Freeze));
        var worse = Find(At(Yard, Sky((4, 12), (-6, 10)), Noon, covered), OutWarningKind.Freeze)!;
        Assert.Null(worse.Do);
        Assert.Contains("covered or not", worse.Title, StringComparison.Ordinal);
        Assert.Equal(Tending.BackOut, Find(At(Yard, Sky((4, 12), (5, 10)), Noon, covered), OutWarningKind.Uncover)!.Do);
        Assert.Null(Find(At(Yard, Sky((4, 12), (-1, 10)), Noon, covered), OutWarningKind.Uncover));
    }

    [Fact]
    public void A_frame_is_vented_for_the_sun_and_shut_before_the_evening()
    {
        var part = Part(Potted());
        var vent = Find(At(Frame, Sky((3, 14)), Noon.AddHours(-3), part), OutWarningKind.Vent)!;
        Assert.Equal((Tending.Vented, 22.0), (vent.Do!.Value, vent.WorstC!.Value));
        Assert.Null(Find(At(Frame, Sky((3, 12)), Noon, part), OutWarningKind.Vent));
        Assert.Null(Find(At(Yard, Sky((3, 24)), Noon, part), OutWarningKind.Vent));
        var vented = Part(Potted().Add("2027-04-10", new Tended("1", Tending.Vented)));
        Assert.Null(Find(At(Frame, Sky((3, 14)), Noon, vented), OutWarningKind.Vent));
        Assert.Null(Find(At(Frame, Sky((3, 14)), Noon, vented), OutWarningKind.Shut));
        Assert.Equal(Tending.Shut, Find(At(Frame, Sky((3, 14)), Noon.AddHours(5), vented), OutWarningKind.Shut)!.Do);
        // left open over night
        Assert.NotNull(
            Find(At(Frame, Sky((3, 14)), Noon, Part(Potted().Add("2027-04-09", new Tended("1", Tending.Vented)))), OutWarningKind.Shut)
        );
        // open, it keeps nothing
        Assert.NotNull(Find(At(Frame, Sky((3, 14), (0, 9)), Noon, vented), OutWarningKind.Freeze));
    }

    [Fact]
    public void Wind_heat_and_a_wide_swing_are_told_of_what_is_soft_or_freshly_planted()
    {
        var gusty = new Dictionary<DateOnly, YardDay> { [Today] = new(Today, 5, 15, 0, false, 70, YardDaySource.Outlook) };
        Assert.Equal(Tending.Secured, Find(At(Yard, gusty, Noon, Part(Potted())), OutWarningKind.Wind)!.Do);
        Assert.Null(Find(At(Yard, gusty, Noon, Part(Potted().Add("2027-04-09", new Tended("1", Tending.Secured)))), OutWarningKind.Wind));
        Assert.NotNull(Find(At(Yard, Sky((2, 23)), Noon, Part(Potted())), OutWarningKind.Swing));
        var planted = Potted().Add("2027-04-01", new MovedOn("1", PlantStage.Potted, PlantStage.Planted, 30));
        Assert.True(Part(planted).IsInGround);
        Assert.Contains(
            "planted within three weeks",
            Find(At(Yard, Sky((15, 33)), Noon, Part(planted)), OutWarningKind.Heat)!.Reason,
            StringComparison.Ordinal
        );
        Assert.Empty(At(Yard, Sky((2, 33)), Noon.AddDays(13), Part(planted)));
    }

    [Fact]
    public void Nothing_is_told_indoors_of_seed_that_is_not_up_or_without_a_forecast()
    {
        var cold = Sky((-20, -10), (-20, -10));
        Assert.Empty(At(new("shelf", "Lamp shelf", PlaceKind.LampShelf, 18), cold, Noon, Part(Potted())));
        Assert.Empty(At(Yard, cold, Noon, Part(new Book().Add("2027-01-20", new Sown("1", "yard", null, Seeds: 60)))));
        Assert.Empty(At(Yard, [], Noon, Part(Potted())));
    }
}
