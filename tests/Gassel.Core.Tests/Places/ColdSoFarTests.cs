using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Places;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Places;

/// <summary>Cold so far by all schools, as a range where a bag was dry or warm. Rules are common practice, no source.</summary>
public class ColdSoFarTests
{
    private static readonly Species Balsamroot = StarterLibrary.All.Single(s => s.Id == "balsamroot");
    private static readonly DateOnly Day = new(2027, 1, 1);
    private static readonly Dictionary<string, Place> Shelves = UsualPlaces.Starter.ToDictionary(p => p.Id);

    private static ColdSoFar? After(int days, params (int Day, EntryPayload Payload)[] told) => After(new(), days, told);

    private static ColdSoFar? After(Temperatures known, int days, params (int Day, EntryPayload Payload)[] told)
    {
        var route = Balsamroot.Routes[0];
        var anchor = new Anchor(AnchorEvent.Sow, Day.AddDays(84));
        var plan = BatchPlanner.Confirm(
            route,
            anchor,
            Scheduler.Plan(anchor, Day, [.. route.Steps.Select(s => new ScheduleStep(s.Kind, s.Days, s.Optional))]),
            PlanChoice.Usual,
            20,
            60
        )!;
        var entries = told.Prepend((0, new StepStarted("1", 0, 60, "cold-shelf")))
            .Select(
                (t, i) =>
                    new Entry(Guid.NewGuid(), i + 1, Guid.NewGuid(), Day.AddDays(t.Item1), null, default, "x", EntrySource.Hand, t.Item2)
            );
        return ColdSoFar.Of(plan, BatchFold.Run(plan, entries).Parts[0], Shelves, known, ColdResponse.ColdGerminator, Day.AddDays(days));
    }

    private static Check Look(Moisture moisture = Moisture.Right) => new("1", moisture, MouldSeen.None, 0);

    [Fact]
    public void Watched_and_moist_every_day_is_certain()
    {
        var cold = After(30, (7, Look()), (14, Look()), (21, Look(Moisture.Dripping)))!;
        Assert.Equal((30.0, 30.0, 60, 84), (cold.All.Days, cold.Certain.Days, cold.Shortest.Days, cold.Usual.Days));
        // at the assumed 4 °C every day counts whole: met on the days of the calendar
        Assert.Equal((30.0, 30.0, 0.0), (cold.All.Effective, cold.All.EffectiveByDefault, cold.Measured.Days));
        Assert.Equal((Day.AddDays(59), Day.AddDays(83)), (cold.Shortest.Weighted.AllKept!.Value, cold.Usual.Weighted.AllKept!.Value));
        Assert.Equal(Day.AddDays(59), After(70)!.Shortest.Weighted.AllKept);
    }

    [Fact]
    public void Found_dry_and_not_wetted_it_gains_nothing_until_it_is()
    {
        Check Left(params BagCare[] care) => Look(Moisture.Dry) with { Care = care };
        // dry at day 21 and left: only what lay before the last good look, day 14, is sure
        var left = After(30, (14, Look()), (21, Left()))!;
        Assert.Equal(14.0, left.Certain.Days);
        Assert.Contains("not wetted", string.Join(' ', left.Working), StringComparison.Ordinal);
        Assert.Equal(14.0 + 9, After(30, (14, Look()), (21, Left(BagCare.Wetted)))!.Certain.Days);
        // found moist at the next look: from there on it counts again
        Assert.Equal(14.0 + 2, After(30, (14, Look()), (21, Left()), (28, Look()))!.Certain.Days);
        // a look from before it was asked what was done
        Assert.Equal(14.0 + 9, After(30, (14, Look()), (21, Look(Moisture.Dry)))!.Certain.Days);
    }

    [Fact]
    public void Found_dry_the_whole_time_since_the_last_good_look_is_uncertain()
    {
        var cold = After(30, (7, Look()), (21, Look(Moisture.Dry)), (28, Look()))!;
        Assert.Equal((30.0, 16.0), (cold.All.Days, cold.Certain.Days));
        Assert.Contains("14 days are uncertain", string.Join(' ', cold.Working));
        // dry at two looks in a row: from the first good one to the last dry one
        Assert.Equal(30 - 21, After(30, (7, Look(Moisture.Dry)), (21, Look(Moisture.Dry)), (28, Look()))!.Certain.Days);
    }

    [Theory]
    [InlineData(2, 30, 30)]
    [InlineData(4, 26, 6)]
    public void Three_warm_days_before_the_shortest_time_may_undo_it(int warm, double all, double certain)
    {
        var cold = After(30, (20, new Moved("1", "table")), (20 + warm, new Moved("1", "cold-shelf")))!;
        Assert.Equal((all, certain), (cold.All.Days, cold.Certain.Days));
        // by weight a warm day counts nothing, whether it undoes or not
        Assert.Equal((30.0 - warm, warm < 3 ? 28.0 : 6.0), (cold.All.Effective, cold.Certain.Effective));
    }

    /// <summary>The rule is told in docs/decisions/0030.</summary>
    [Fact]
    public void A_warm_spell_is_counted_as_the_chilling_calculator_counts_it()
    {
        // ten cold days, four with a mean near 17 °C and cold nights, six cold ones
        var response = ColdResponse.ColdGerminator;
        var known = new Temperatures();
        var readings = new List<TemperatureReading>();
        for (var hour = 0; hour <= 20 * 24; hour++)
        {
            var at = new DateTimeOffset(Day, TimeOnly.MinValue, TimeSpan.Zero).AddHours(hour);
            var tempC = hour / 24 is >= 10 and < 14 && hour % 24 is >= 6 and < 24 ? 22.0 : 3.0;
            known.Read("cold-shelf", at, tempC);
            readings.Add(new(at.ToUnixTimeMilliseconds(), tempC));
        }
        var told = Chilling.FromReadings(readings, response, TimeSpan.Zero, 60);
        var cold = After(known, 20)!;
        Assert.True(told.Daily[11].Effective > 0.1, "the nights are cold enough to count");
        Assert.Equal(told.EffectiveDays, cold.All.Effective, 9);
        Assert.Equal(told.ChillHours, cold.All.ChillHours, 9);
        Assert.Equal(told.Range!.Low, cold.Certain.Effective, 9);
        Assert.Equal((20.0, 16.0, 6.0), (told.CalendarDays, cold.All.Days, cold.Certain.Days));
    }

    [Fact]
    public void A_warm_spell_after_the_shortest_time_undoes_nothing() =>
        Assert.Equal(80, After(80, (65, new Moved("1", "table")), (70, new Moved("1", "cold-shelf")))!.Certain.Days);

    [Fact]
    public void What_was_measured_stands_apart_from_what_is_assumed()
    {
        var fridge = new Temperatures().Days("cold-shelf", Day.AddDays(10), Day.AddDays(19), 8);
        var cold = After(fridge, 30)!;
        // 8 °C is past the end of the species' response (0 of a day) and 0.4 of a day by the default one
        Assert.Equal((10.0, 0.0, 4.0), (cold.Measured.Days, cold.Measured.Effective, Math.Round(cold.Measured.EffectiveByDefault, 9)));
        Assert.Equal(cold.All.Effective, cold.Daily[^1].Sum, 9);
        Assert.Equal((20.0, 20.0, 480.0), (cold.Assumed.Days, cold.Assumed.Effective, cold.Assumed.ChillHours));
        Assert.Equal(
            [TemperatureSource.Assumed, TemperatureSource.Measured, TemperatureSource.Assumed],
            cold.Daily.Select(d => d.Source)
                .Aggregate(new List<TemperatureSource>(), (seen, s) =>
                {
                    if (seen.LastOrDefault((TemperatureSource)(-1)) != s)
                        seen.Add(s);
                    return seen;
                })
        );
        Assert.Equal(Day.AddDays(69), cold.Shortest.Weighted.AllKept);
    }

    [Fact]
    public void What_is_uncertain_does_not_make_the_need_met()
    {
        var cold = After(70, (7, Look()), (21, Look(Moisture.Dry)), (28, Look()))!;
        Assert.Equal((Day.AddDays(59), Day.AddDays(73)), (cold.Shortest.Weighted.AllKept!.Value, cold.Shortest.Weighted.Certain!.Value));
        Assert.Equal(cold.Shortest.Weighted, cold.Shortest.Calendar);
        // begun again on day 24, if the warmth undid it
        var warm = After(70, (20, new Moved("1", "table")), (24, new Moved("1", "cold-shelf")))!;
        Assert.Equal((Day.AddDays(63), Day.AddDays(83)), (warm.Shortest.Weighted.AllKept!.Value, warm.Shortest.Weighted.Certain!.Value));
    }

    [Fact]
    public void Each_school_has_its_own_day()
    {
        // 7.5 °C: no hour of chilling, half a day to the default, an eighth to the species, and a day of the calendar
        var cold = After(new Temperatures().Days("cold-shelf", Day, Day.AddDays(39), 7.5), 40)!;
        Assert.Equal(
            (null, Day.AddDays(119), Day.AddDays(59)),
            (cold.Shortest.Hours.AllKept, cold.Shortest.ByDefault.AllKept!.Value, cold.Shortest.Calendar.AllKept!.Value)
        );
        Assert.Equal(
            (1440, 40.0, 0.0),
            (cold.Shortest.ChillHours, ColdBrief.Of(cold, ColdSchool.Calendar)!.Gained, ColdBrief.Of(cold, ColdSchool.ChillHours)!.Gained)
        );
        Assert.Equal(cold.Usual.Hours, ColdBrief.Of(cold, ColdSchool.ChillHours)!.UsualMet);
    }

    /// <summary>A day on which clocks go forward has 23 hours, and nothing of it is assumed.</summary>
    [Fact]
    public void An_hour_that_clocks_skip_is_no_gap()
    {
        var fridge = new Temperatures();
        for (var hour = 0; hour <= 23; hour++)
            fridge.Read("cold-shelf", new DateTimeOffset(Day, TimeOnly.MinValue, TimeSpan.Zero).AddHours(hour), 4);
        Assert.Equal(0, After(fridge, 1)!.Assumed.Days);
    }

    [Fact]
    public void Hours_that_a_probe_missed_are_assumed_and_said_so()
    {
        var fridge = new Temperatures();
        foreach (var hour in new[] { 0, 6, 12 })
            fridge.Read("cold-shelf", new DateTimeOffset(Day, TimeOnly.MinValue, TimeSpan.Zero).AddHours(hour), 4);
        var cold = After(fridge, 1)!;
        Assert.Equal((0.5, 0.5), (cold.Measured.Days, cold.Assumed.Days));
        Assert.Equal(1, cold.All.Effective, 9);
    }

    [Fact]
    public void A_thermometer_read_by_eye_holds_until_it_is_read_again()
    {
        var cold = After(new Temperatures().Type("cold-shelf", Day.AddDays(10), 6).Type("cold-shelf", Day.AddDays(20), 4), 30)!;
        // 6 °C is half a day to the species' response
        Assert.Equal((25.0, 0.0, 30.0), (cold.All.Effective, cold.Measured.Days, cold.Assumed.Days));
        Assert.Equal([TemperatureSource.Assumed, TemperatureSource.Typed], [cold.Daily[9].Source, cold.Daily[10].Source]);
    }

    [Fact]
    public void At_the_rate_of_the_last_week_a_warm_fridge_never_gets_there()
    {
        var cold = After(new Temperatures().Days("cold-shelf", Day.AddDays(20), Day.AddDays(29), 9), 30)!;
        Assert.Equal((0.0, null), (cold.RatePerDay, cold.Usual.Weighted.AllKept));
        // half of the default's weight is kept at 7.5 °C, so that the rest takes twice as long
        var half = After(new Temperatures().Days("cold-shelf", Day.AddDays(20), Day.AddDays(29), 7.5), 30)!;
        Assert.Equal(Day.AddDays(30 + (2 * (60 - 25)) - 1), half.Shortest.ByDefault.AllKept);
    }

    [Fact]
    public void A_part_before_its_first_day_in_the_cold_has_none_and_no_rate()
    {
        var cold = After(0)!;
        Assert.Equal((0.0, null, null), (cold.All.Days, cold.RatePerDay, cold.Usual.Weighted.AllKept));
    }

    [Fact]
    public void The_thermometer_read_at_a_look_is_that_of_the_place_where_the_bag_stood()
    {
        var plan = Book.Plan();
        var book = new Book()
            .Add("2026-12-01", new StepStarted("1", 0, 60, "cold-shelf"))
            .Add("2026-12-08", new Check("1", Moisture.Right, MouldSeen.None, 0, PlaceC: 5.5))
            .Add("2026-12-08", new Check("1", Moisture.Right, MouldSeen.None, 0, PlaceC: 5))
            .Add("2026-12-10", new Moved("1", "table"))
            .Add("2026-12-15", new Check("1", Moisture.Right, MouldSeen.None, 0, PlaceC: 19));
        var typed = TypedReadings.Of([book.Fold(plan)]);
        Assert.Equal([new("cold-shelf", new(2026, 12, 8), 5)], typed["cold-shelf"]);
        Assert.Equal([new("table", new(2026, 12, 15), 19)], typed["table"]);
        // of two batches the one recorded last, whichever comes first
        var later = new Book()
            .Add("2026-12-01", new StepStarted("1", 0, 60, "cold-shelf"))
            .Add("2026-12-02", new Note(null, "x"))
            .Add("2026-12-03", new Note(null, "y"))
            .Add("2026-12-08", new Check("1", Moisture.Right, MouldSeen.None, 0, PlaceC: 7));
        Assert.Equal(7, TypedReadings.Of([later.Fold(plan), book.Fold(plan)])["cold-shelf"].Single().TempC);
    }

    [Fact]
    public void Outside_the_cold_there_is_none() => Assert.Null(After(30, (20, new Sown("1", "lamp-shelf", null))));
}
