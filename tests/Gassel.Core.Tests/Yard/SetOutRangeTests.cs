using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;

namespace Gassel.Core.Tests.Yard;

/// <summary>How far days to set out may be off, beside containers whose numbers were drawn at random from the plausible range.</summary>
public class SetOutRangeTests
{
    private static readonly ContainerParameters Jug = ContainerParameters.Of(ContainerPreset.Jug4);
    private static readonly DateOnly From = new(2026, 10, 1);

    /// <summary>Enough of the invented record for the middle of the springs to be told.</summary>
    private static readonly IReadOnlyList<DailyTemperature> Record = [.. Weathers.Record.Where(d => d.Date >= new DateOnly(2013, 7, 1))];

    /// <summary>Day by day, so that what is drawn does not fall between two.</summary>
    private static readonly IReadOnlyList<DateOnly> Dates = [.. Enumerable.Range(0, 200).Select(i => From.AddDays(i))];

    internal static readonly SetOutNeed Need = new(
        60,
        ColdResponse.Usual,
        ThermalRate.General,
        15,
        ThermalTime.OfPacket(10, 30, 15, ThermalRate.General),
        false,
        -4
    );

    private static readonly WinterRuns Usual = new(Record, 46.8, Jug, Weathers.CapOff, From);
    private static readonly SetOutResult Result = Usual.For(Need, Dates);

    private static SetOutRange Range(FittedWall? fitted = null, double times = 1) =>
        SetOutRange.Of(Need, Usual, Result, ContainerDoubts.Of(Jug, fitted), Dates, times);

    /// <returns>Shares of drawn jugs whose last day with enough cold, and whose middle spring, lie within the range; and how far the
    /// range reaches, days.</returns>
    private static (double Latest, double Up, int LatestDays, int UpDays) Try(SetOutNeed need, WinterRuns runs, int jugs, int seed)
    {
        var result = runs.For(need, Dates);
        var range = SetOutRange.Of(need, runs, result, ContainerDoubts.Of(Jug, null), Dates);
        var (latest, up, first) = (range.Latest!.Value, range.HalfUp!.Value, result.Window!.Value.Earliest);
        var random = new Random(seed);
        var (last, sprung) = (0, 0);
        for (var i = 0; i < jugs; i++)
        {
            var drawn = runs.With(ContainerBandTests.Drawn(random)).For(need, Dates);
            last += drawn.Window is { } window && Within(latest, window.Latest) ? 1 : 0;
            sprung += drawn.Dates.First(d => d.Date == first).Emergence is { } e && Within(up, e.MiddleAfter(first)) ? 1 : 0;
        }
        return ((double)last / jugs, (double)sprung / jugs, Days(latest), Days(up));

        static bool Within(SetOutWindow range, DateOnly day) => day >= range.Earliest && day <= range.Latest;
    }

    private static int Days(SetOutWindow range) => range.Latest.DayNumber - range.Earliest.DayNumber;

    [Fact]
    public void Nine_in_ten_drawn_jugs_lie_within_the_range()
    {
        var (latest, up, latestDays, upDays) = Try(Need, Usual, 60, seed: 4);
        Assert.True(latest is > 0.8 and < 1.001 && up is > 0.8 and < 1.001, $"{latest:P0} of {latestDays} days, {up:P0} of {upDays}");
        Assert.InRange(latestDays, 5, 40);
        Assert.InRange(upDays, 5, 40);
    }

    [Fact]
    public void A_fit_to_a_thermometer_leaves_less_in_doubt()
    {
        var fitted = Range(new(Jug.UWallWm2K * 0.95, Jug.UWallWm2K * 1.05, Jug.Transmittance - 0.02, Jug.Transmittance + 0.02));
        Assert.True(Days(fitted.Latest!.Value) < Days(Range().Latest!.Value), $"{fitted.Words} {Range().Words}");
        Assert.True(Days(fitted.HalfUp!.Value) < Days(Range().HalfUp!.Value), $"{fitted.Words} {Range().Words}");
    }

    [Fact]
    public void Where_nothing_is_in_doubt_the_day_stands()
    {
        var range = SetOutRange.Of(Need, Usual, Result, [(Jug, Jug)], Dates);
        Assert.Equal((0, 0), (Days(range.Latest!.Value), Days(range.HalfUp!.Value)));
        Assert.Equal(Result.Window!.Value.Latest, range.Latest!.Value.Latest);
        Assert.Equal("As far as the numbers of the model may be off, the last of these days stays what it is.", range.Words);
    }

    [Fact]
    public void Told_twice_as_wide_it_is_twice_as_wide() =>
        Assert.InRange((double)Days(Range(times: 2).Latest!.Value) / Days(Range().Latest!.Value), 1.8, 2.2);

    [Fact]
    public void What_it_means_is_said()
    {
        Assert.StartsWith("As far as the numbers of the model may be off, the last of these days lies between", Range().Words);
        Assert.Contains("a middling spring has half up between", Range().Words);
        var no = SetOutRange.Of(Need, Usual, Result with { Window = null }, ContainerDoubts.Of(Jug, null), Dates);
        Assert.Equal((null, null), (no.Latest, no.HalfUp));
        Assert.Equal("No day has enough cold, so there is none that could be off.", no.Words);
    }

    [Fact]
    public void What_it_rests_on_is_written_where_it_is_asked_for()
    {
        if (Environment.GetEnvironmentVariable("GASSEL_WRITE") is null)
            Assert.Skip("GASSEL_WRITE is not set");
        var all = new WinterRuns(Weathers.Record, 46.8, Jug, Weathers.CapOff, From);
        var rows = new[]
        {
            (Need, "60 days of cold, warmth ends it at 15 °C"),
            (SetOutTests.Penstemon, "28 days, at 30 °C"),
            (SetOutTests.Camas, "42 days, comes up in the cold"),
        }.Select(n =>
        {
            var (latest, up, latestDays, upDays) = Try(n.Item1, all, 200, seed: 26);
            return FormattableString.Invariant($"| {n.Item2} | {latest:P1} | {latestDays} days | {up:P1} | {upDays} days |");
        });
        Evidence.Write(
            "How far days to set out may be off",
            $"""
            Two hundred jugs of 4 litres, every number of the model drawn from its plausible range (our assumption), through
            {all.Count} invented winters, beside the range that is told of one.

            | need | last day with enough cold within | range | half up within | range |
            |---|---|---|---|---|
            {string.Join('\n', rows)}

            The containers are those of the model, and the winters those of the record: what next winter brings is not in these ranges.
            """
        );
    }
}
