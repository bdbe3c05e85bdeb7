using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;

namespace Gassel.Core.Tests.Yard;

/// <summary>What the weather asks of one jug, day by day. Weather and counts are made for the test.</summary>
public class YardWatchTests
{
    private static readonly DateOnly Out = new(2026, 12, 1);
    private static readonly DateOnly Day = new(2027, 3, 14);
    private static readonly DateTimeOffset Now = new(2027, 3, 14, 9, 0, 0, TimeSpan.FromHours(-7));
    private static readonly SetOutNeed Need = new(
        21,
        ColdResponse.Usual,
        ThermalRate.General,
        30,
        ThermalTime.OfPacket(7, 21, 15, ThermalRate.General),
        false,
        -4
    );

    /// <summary>Mild and dull until today, then as the outlook has it.</summary>
    private static List<YardDay> Weather(params (double MinC, double MaxC)[] ahead) => Weather(null, null, ahead);

    private static List<YardDay> Weather(double? gust, bool? wet, params (double MinC, double MaxC)[] ahead)
    {
        var days = new List<YardDay>();
        for (var date = Out; date < Day; date = date.AddDays(1))
            days.Add(new(date, 1, 6, 0, wet ?? true, null, YardDaySource.Recorded));
        for (var i = 0; i < 8; i++)
        {
            var (min, max) = i < ahead.Length ? ahead[i] : (1.0, 6.0);
            days.Add(new(Day.AddDays(i), min, max, 0, false, gust, YardDaySource.Outlook));
        }
        return days;
    }

    private static IReadOnlyList<YardWarning> Ask(
        List<YardDay> weather,
        int emerged = 0,
        string countedOn = "2027-02-20",
        ContainerSetup? setup = null,
        bool cool = false,
        DateTimeOffset? now = null,
        Check? look = null,
        params (string On, Tending What)[] tended
    )
    {
        setup ??= new(ContainerPreset.Jug4);
        DateOnly On(string day) => DateOnly.ParseExact(day, "yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture);
        var part = new PartState(
            "1",
            null,
            30,
            0,
            [new(0, Out, null)],
            "yard",
            new(VesselKind.Container, "jug 1"),
            look is null ? [] : [new(Guid.NewGuid(), Day.AddDays(-1), look.Moisture, MouldSeen.None, 0)],
            emerged == 0 ? [] : [new(Guid.NewGuid(), On(countedOn), emerged, 0, LossCause.Unknown)],
            Out,
            false
        )
        {
            Setup = setup,
            Tended = [.. tended.Select(t => new TendingRecord(Guid.NewGuid(), On(t.On), null, t.What))],
        };
        var life = new ContainerLife(setup, [new(Out, Exposure.Open)], part.Tended, TimeSpan.FromHours(-7));
        var species = Book.Of("globemallow") with { Germination = cool ? new(5, 15) : new(18, 24) };
        var hours = ContainerHours.FromDays([.. weather.Select(d => d.ToWholeDay())], 46.8, TimeSpan.FromHours(-7));
        var run = new ContainerModel(setup.Parameters).Run(hours, h => life.At(h.At));
        return YardWatch.Of(new(part, setup, life, ContainerTale.Of(run, weather, Need, south: false), species), weather, now ?? Now);
    }

    private static YardWarning? Find(IReadOnlyList<YardWarning> warnings, YardWarningKind kind) =>
        warnings.SingleOrDefault(w => w.Kind == kind);

    [Fact]
    public void A_freeze_is_warned_of_where_seedlings_are_up_and_nowhere_else()
    {
        var freeze = Weather((1, 6), (1, 6), (-11, 2), (-10, 2));
        var warning = Find(Ask(freeze, emerged: 5), YardWarningKind.FreezeComing)!;
        Assert.Equal([Tending.Covered, Tending.CarriedIn], warning.Actions);
        Assert.True(warning.WorstC <= -4 && warning.From > Now);
        Assert.Contains("seedlings survive to −4 °C", warning.Reason.Said(), StringComparison.Ordinal);
        Assert.Null(Find(Ask(freeze), YardWarningKind.FreezeComing));
        Assert.Null(Find(Ask(Weather((-1, 6)), emerged: 5), YardWarningKind.FreezeComing));
    }

    [Fact]
    public void Seedlings_in_a_mix_without_nutrients_are_fed_once_true_leaves_are_out()
    {
        var fed = Find(Ask(Weather(), emerged: 5, countedOn: "2027-02-13"), YardWarningKind.Feed)!;
        Assert.Equal([Tending.Fed], fed.Actions);
        Assert.Null(Find(Ask(Weather(), emerged: 5, countedOn: "2027-02-20"), YardWarningKind.Feed));
        Assert.Null(
            Find(Ask(Weather(), emerged: 5, setup: new(ContainerPreset.Jug4, Mix: ContainerMix.WithNutrients)), YardWarningKind.Feed)
        );
        Assert.Null(Find(Ask(Weather(), emerged: 5, tended: ("2027-03-10", Tending.Fed)), YardWarningKind.Feed));
        Assert.NotNull(
            Find(Ask(Weather(), emerged: 5, countedOn: "2027-01-20", tended: ("2027-02-28", Tending.Fed)), YardWarningKind.Feed)
        );
        Assert.Null(Find(Ask(Weather(), emerged: 5, countedOn: "2027-01-20", tended: ("2027-03-02", Tending.Fed)), YardWarningKind.Feed));
    }

    [Fact]
    public void Seedlings_just_up_stand_two_kelvin_less()
    {
        var mild = Weather((1, 6), (-4, 3));
        Assert.NotNull(Find(Ask(mild, emerged: 5, countedOn: "2027-03-11"), YardWarningKind.FreezeComing));
        Assert.Contains(
            "newly emerged",
            Find(Ask(mild, emerged: 5, countedOn: "2027-03-11"), YardWarningKind.FreezeComing)!.Reason,
            StringComparison.Ordinal
        );
        Assert.Null(Find(Ask(mild, emerged: 5), YardWarningKind.FreezeComing));
    }

    [Fact]
    public void Carried_in_it_asks_no_more_and_is_asked_back_out_when_the_freeze_is_over()
    {
        var freeze = Weather((1, 6), (1, 6), (-11, 2), (-10, 2));
        var inside = Ask(freeze, emerged: 5, tended: ("2027-03-14", Tending.CarriedIn), now: Now.AddHours(4));
        Assert.Null(Find(inside, YardWarningKind.FreezeComing));
        Assert.Null(Find(inside, YardWarningKind.BackOut));
        var over = Find(
            Ask(Weather((3, 9), (3, 9), (3, 9), (3, 9)), emerged: 5, tended: ("2027-03-12", Tending.CarriedIn)),
            YardWarningKind.BackOut
        )!;
        Assert.Equal([Tending.BackOut], over.Actions);
    }

    [Fact]
    public void A_cover_that_is_not_enough_says_so()
    {
        var bitter = Weather((1, 6), (1, 4), (-25, -14), (-24, -12));
        var warning = Find(
            Ask(bitter, emerged: 5, tended: ("2027-03-14", Tending.Covered), now: Now.AddHours(4)),
            YardWarningKind.FreezeComing
        )!;
        Assert.Contains("covered, and still", warning.Reason.Said(), StringComparison.Ordinal);
        Assert.Equal([Tending.CarriedIn], warning.Actions);
    }

    [Fact]
    public void After_a_freeze_the_survivors_are_counted_until_somebody_has()
    {
        var weather = Weather();
        weather[Day.AddDays(-3).DayNumber - Out.DayNumber] = new(Day.AddDays(-3), -13, 0, 0, false, null, YardDaySource.Recorded);
        Assert.NotNull(Find(Ask(weather, emerged: 5), YardWarningKind.CountSurvivors));
        Assert.Null(Find(Ask(weather, emerged: 5, countedOn: "2027-03-13"), YardWarningKind.CountSurvivors));
    }

    [Fact]
    public void A_sunny_day_opens_tops_and_a_hot_one_is_a_cook_risk()
    {
        var capped = new ContainerSetup(ContainerPreset.Bottle2, CareStyle.OpenByTemperature);
        Assert.NotNull(Find(Ask(Weather((1, 11), (1, 11)), setup: capped), YardWarningKind.OpenCaps));
        var cook = Find(Ask(Weather((6, 27), (7, 28)), setup: capped), YardWarningKind.CookRisk)!;
        Assert.True(cook.WorstC >= 40);
        Assert.Equal(Tending.TopOpen, cook.Actions[0]);
        Assert.DoesNotContain(Ask(Weather((2, 5), (2, 5)), setup: capped), w =>
            w.Kind is YardWarningKind.CookRisk or YardWarningKind.OpenCaps
        );
    }

    [Fact]
    public void Cool_germinators_are_opened_sooner()
    {
        var sunny = Weather((1, 13), (1, 13));
        Assert.NotNull(Find(Ask(sunny, cool: true), YardWarningKind.OpenCaps));
        Assert.Null(Find(Ask(sunny), YardWarningKind.OpenCaps));
    }

    [Fact]
    public void A_dripping_jug_is_flooded_until_it_is_drained()
    {
        var dripping = new Check("1", Moisture.Dripping, MouldSeen.None, 0);
        Assert.NotNull(Find(Ask(Weather(), look: dripping), YardWarningKind.Flooded));
        Assert.Null(Find(Ask(Weather(), look: dripping, tended: ("2027-03-14", Tending.Drained)), YardWarningKind.Flooded));
        Assert.Null(Find(Ask(Weather(), look: dripping with { Moisture = Moisture.Right }), YardWarningKind.Flooded));
    }

    [Fact]
    public void Nothing_wet_for_ten_days_may_be_dry_and_rain_through_an_open_cap_counts()
    {
        Assert.NotNull(Find(Ask(Weather(null, false)), YardWarningKind.Dry));
        Assert.Null(Find(Ask(Weather(null, true)), YardWarningKind.Dry));
        Assert.NotNull(Find(Ask(Weather(null, true), setup: new(ContainerPreset.Jug4, CareStyle.OpenByTemperature)), YardWarningKind.Dry));
        Assert.Null(Find(Ask(Weather(null, false), tended: ("2027-03-10", Tending.Watered)), YardWarningKind.Dry));
    }

    [Fact]
    public void Without_holes_it_is_watered_every_frost_free_day()
    {
        var closed = new ContainerSetup(ContainerPreset.Jug4, CareStyle.NoHolesDailyWater);
        Assert.NotNull(Find(Ask(Weather(), setup: closed), YardWarningKind.Dry));
        Assert.Null(Find(Ask(Weather(), setup: closed, tended: ("2027-03-14", Tending.Watered)), YardWarningKind.Dry));
        // holes, cap and water are told apart, so that it may drain and be watered all the same
        var daily = new ContainerSetup(ContainerPreset.Jug4, CareStyle.CapOnAtNight, WateredDaily: true);
        Assert.Contains("Watered daily", Find(Ask(Weather(), setup: daily), YardWarningKind.Dry)!.Reason, StringComparison.Ordinal);
        Assert.Equal(CapPosition.DayOffNightOn, daily.UsualCap);
    }

    [Fact]
    public void Wind_asks_for_a_weight_once_and_not_of_a_pot()
    {
        Assert.NotNull(Find(Ask(Weather(70, null)), YardWarningKind.Wind));
        Assert.Null(Find(Ask(Weather(40, null)), YardWarningKind.Wind));
        Assert.Null(Find(Ask(Weather(70, null), tended: ("2027-03-01", Tending.Secured)), YardWarningKind.Wind));
        Assert.Null(Find(Ask(Weather(70, null), setup: new(ContainerPreset.Pot)), YardWarningKind.Wind));
    }

    [Fact]
    public void Tops_are_opened_by_degrees_once_days_are_warm_and_no_killing_night_is_in_sight()
    {
        Assert.NotNull(
            Find(Ask(Weather((3, 12), (4, 13), (3, 12), (4, 12), (4, 12), (4, 12), (4, 12)), emerged: 4), YardWarningKind.OpenByDegrees)
        );
        Assert.Null(Find(Ask(Weather((3, 12), (4, 13), (3, 12), (-6, 12)), emerged: 4), YardWarningKind.OpenByDegrees));
        Assert.Null(Find(Ask(Weather((3, 12), (4, 13), (3, 12))), YardWarningKind.OpenByDegrees));
    }

    [Fact]
    public void A_warm_week_asks_for_the_straw_once_and_the_rest_is_no_matter_of_weather()
    {
        var pot = new ContainerSetup(ContainerPreset.Pot);
        Assert.NotNull(Find(Ask(Weather(), setup: pot), YardWarningKind.MulchMostOff));
        Assert.Null(Find(Ask(Weather(), setup: pot, tended: ("2027-02-10", Tending.MulchMostOff)), YardWarningKind.MulchMostOff));
    }

    [Fact]
    public void An_open_cap_by_night_is_asked_on_where_the_style_has_it_on()
    {
        var atNight = new ContainerSetup(ContainerPreset.Jug4, CareStyle.CapOnAtNight);
        Assert.NotNull(
            Find(
                Ask(Weather((-1, 6), (-1, 6)), emerged: 3, setup: atNight, tended: ("2027-03-13", Tending.CapOff)),
                YardWarningKind.CapTonight
            )
        );
        Assert.Null(Find(Ask(Weather((-1, 6), (-1, 6)), emerged: 3, setup: atNight), YardWarningKind.CapTonight));
    }

    [Fact]
    public void Warnings_stand_with_the_most_pressing_first()
    {
        var all = Ask(Weather(70, false, (1, 6), (1, 6), (-12, 1)), emerged: 3);
        Assert.Equal(YardWarningKind.FreezeComing, all[0].Kind);
        Assert.Equal([.. all.OrderBy(w => w.Kind)], all);
    }

    [Fact]
    public void What_was_done_holds_from_its_moment_on()
    {
        var life = new ContainerLife(
            new(ContainerPreset.Jug4),
            [new(Out, Exposure.Open), new(new(2027, 3, 1), Exposure.Shade)],
            [
                new(Guid.NewGuid(), new(2027, 3, 10), Now.AddDays(-4), Tending.CapOn),
                new(Guid.NewGuid(), new(2027, 3, 12), null, Tending.Covered),
            ],
            TimeSpan.FromHours(-7)
        );
        Assert.Equal(new(CapPosition.Off), life.At(Now.AddDays(-20)));
        Assert.Equal(new(CapPosition.Off, Exposure.Shade), life.At(Now.AddDays(-5)));
        Assert.Equal(new(CapPosition.On, Exposure.Shade), life.At(Now.AddDays(-3)));
        Assert.Equal(new(CapPosition.On, Exposure.Shade, Shelter.Covered), life.At(Now));
    }
}
